import { NumberField } from '../../../fields/NumberField'
import { useRoom } from '../../context'
import { usesOf } from '../../piece/model'

/** A photo's place among all of them, and the page that it is on: either is typed to move it. */
export function PlaceInOrder({ entryId }: { entryId: string }) {
  const { piece, stored, handle } = useRoom()
  const order = stored.entries.map(({ id }) => id)
  const at = order.indexOf(entryId)
  const page = usesOf(piece).get(entryId)?.[0]
  const move = (index: number) => void handle.edit({ kind: 'moveEntries', entryIds: [entryId], index })
  const toPage = (number: number) => void handle.edit({ kind: 'moveToPage', entryIds: [entryId], page: number })
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
