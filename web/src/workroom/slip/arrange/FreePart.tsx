import { Button } from '../../../ui/Button'
import { gridFor, toGrid, withMargins } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { MarginFields } from './MarginFields'
import { Part } from '../Part'

/** A page whose frames all lie freely: its margins, and the way back into an arrangement. */
export function FreePart({
  send,
  about,
}: {
  send: (edit: WantedEdit) => Promise<unknown>
  about: (...fields: string[]) => string | undefined
}) {
  const { piece, page } = useRoom()
  const { width, height } = piece.format
  return (
    <Part title="Free frames">
      <p className="text-[13px] leading-4 text-soft">
        Nothing arranges this page: every frame stays where it was put. A proposal or a grid takes them in again; locked
        frames stay.
      </p>
      <MarginFields
        margins={page.arrangement.margins}
        wrong={about('margins')}
        onCommit={(change) => void send(onPage(page.id, (now) => withMargins(now, change)))}
      />
      <Button className="w-full" onClick={() => void send(toGrid(page, gridFor(page, width, height)))}>
        Back to a grid
      </Button>
    </Part>
  )
}
