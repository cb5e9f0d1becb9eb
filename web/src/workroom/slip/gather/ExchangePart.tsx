import { Replace } from 'lucide-react'
import { Button } from '../../../ui/Button'
import { type TrayPhoto, useRoom } from '../../context'
import { usesOf } from '../../piece/model'
import { Part } from '../Part'

/** Two photos change places wherever they are shown: each comes into the other’s frames, sizes and place in the order. */
export function ExchangePart({ photos }: { photos: TrayPhoto[] }) {
  const { piece, handle } = useRoom()
  const [one, other] = photos
  if (!one || !other) return null
  const uses = usesOf(piece)
  const where = ({ entryId }: TrayPhoto) => {
    const pages = [...new Set(uses.get(entryId) ?? [])]
    return pages.length === 0 ? 'is not placed' : `is on page ${pages.join(', ')}`
  }
  const exchange = (captionsToo: boolean) =>
    void handle.edit({ kind: 'exchangePhotos', entryId: one.entryId, otherId: other.entryId, captionsToo })
  return (
    <Part title="One in place of the other">
      <p className="text-[13px] leading-4 text-soft">
        {one.fileName} {where(one)}, {other.fileName} {where(other)}. They change places wherever they are shown;
        frames, sizes and styles stay.
      </p>
      <Button className="w-full" onClick={() => exchange(false)}>
        <Replace size={16} /> Change places, words stay
      </Button>
      {(one.caption || other.caption) && (
        <Button className="w-full" onClick={() => exchange(true)}>
          <Replace size={16} /> Change places, words go along
        </Button>
      )}
    </Part>
  )
}
