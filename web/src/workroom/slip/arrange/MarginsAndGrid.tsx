import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { gridFor, toGrid, withMargins } from '../../piece/arrangement'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { MarginFields } from './MarginFields'

/** What every arrangement but a grid ends with: the page's margins, and the way back to a grid. */
export function MarginsAndGrid({ send, wrong }: { send: (edit: WantedEdit) => Promise<unknown>; wrong?: string }) {
  const { piece, page } = useRoom()
  const { width, height } = piece.format
  return (
    <>
      <MarginFields
        margins={page.arrangement.margins}
        wrong={wrong}
        onCommit={(change) => void send(onPage(page.id, (now) => withMargins(now, change)))}
      />
      <Button className="w-full" onClick={() => void send(toGrid(page, gridFor(page, width, height)))}>
        Back to a grid
      </Button>
    </>
  )
}
