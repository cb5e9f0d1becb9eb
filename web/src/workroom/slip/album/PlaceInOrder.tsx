import { NumberField } from '../../../fields/NumberField'
import { useNotice } from '../../../ui/Notices'
import { useRoom } from '../../context'
import { usesOf } from '../../piece/model'

/** A photo's place among all of them, and the page that it is on: either is typed to move it. */
export function PlaceInOrder({ entryId }: { entryId: string }) {
  const { piece, stored, handle } = useRoom()
  const notice = useNotice()
  const order = stored.entries.map(({ id }) => id)
  const at = order.indexOf(entryId)
  const page = usesOf(piece).get(entryId)?.[0]
  const move = (index: number) => void handle.edit({ kind: 'moveEntries', entryIds: [entryId], index })
  const toPage = (number: number) => {
    const there = piece.pages[number - 1]?.entries.filter((id) => id !== entryId) ?? []
    const places = there.map((id) => order.indexOf(id)).filter((index) => index >= 0)
    if (places.length === 0) {
      notice(`No other photo is on page ${number}: there is nothing to put it beside.`)
      return
    }
    const first = Math.min(...places)
    // Without it, those behind it come one place forward: from before, it comes right behind the page’s first photo.
    move(first)
  }
  return (
    <div className="grid grid-cols-2 gap-2 pt-2">
      <NumberField
        label={`Photo, of ${order.length}`}
        value={at + 1}
        min={1}
        max={order.length}
        onCommit={(number) => move(number - 1)}
      />
      {stored.album && page !== undefined && (
        <NumberField
          label={`Page, of ${piece.pages.length}`}
          value={page}
          min={1}
          max={piece.pages.length}
          onCommit={toPage}
        />
      )}
    </div>
  )
}
