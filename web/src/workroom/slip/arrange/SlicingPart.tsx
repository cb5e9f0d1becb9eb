import type { Slicing } from '../../../api/client'
import { OneOf } from '../../../fields/OneOf'
import { LengthField } from '../../../measure/LengthField'
import { arrangementEdit } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { MarginsAndGrid } from './MarginsAndGrid'
import { Part } from '../Part'

/** Places cut from the page: what they keep to, and the way back to a grid. */
export function SlicingPart({
  slicing,
  send,
  about,
}: {
  slicing: Slicing
  send: (edit: WantedEdit) => Promise<unknown>
  about: (...fields: string[]) => string | undefined
}) {
  const { piece, page } = useRoom()
  const { format } = piece
  const set = (change: Partial<Slicing>) =>
    void send(
      onPage(page.id, (now) =>
        now.arrangement.kind === 'slicing' ? arrangementEdit(now, { ...now.arrangement, ...change }) : null,
      ),
    )
  return (
    <Part title="Cut to the photos">
      <OneOf
        label="What the places keep to"
        options={{ photos: 'Photos whole', margins: 'Margins filled' }}
        value={slicing.whole ? 'photos' : 'margins'}
        onChange={(what) => set({ whole: what === 'photos' })}
      />
      <LengthField
        label="Gap"
        value={slicing.gap}
        format={format}
        wrong={about('gap')}
        onCommit={(gap) => set({ gap })}
      />
      <MarginsAndGrid send={send} wrong={about('margins')} />
    </Part>
  )
}
