import type { Slicing } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { Button } from '../../../ui/Button'
import { arrangementEdit, gridFor, toGrid, withMargins } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { MarginFields } from './MarginFields'
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
      <div role="radiogroup" aria-label="What the places keep to" className="grid grid-cols-2">
        {[true, false].map((whole) => (
          <button
            key={String(whole)}
            role="radio"
            aria-checked={slicing.whole === whole}
            onClick={() => set({ whole })}
            className={`h-8 border ${slicing.whole === whole ? 'border-woad bg-wash font-semibold' : 'border-line bg-paper hover:border-woad'}`}
          >
            {whole ? 'Photos whole' : 'Margins filled'}
          </button>
        ))}
      </div>
      <LengthField
        label="Gap"
        value={slicing.gap}
        format={format}
        wrong={about('gap')}
        onCommit={(gap) => set({ gap })}
      />
      <MarginFields
        margins={slicing.margins}
        wrong={about('margins')}
        onCommit={(change) => void send(onPage(page.id, (now) => withMargins(now, change)))}
      />
      <Button className="w-full" onClick={() => void send(toGrid(page, gridFor(page, format.width, format.height)))}>
        Back to a grid
      </Button>
    </Part>
  )
}
