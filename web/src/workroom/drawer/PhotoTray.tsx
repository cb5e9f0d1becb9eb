import { smallPicture } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useRoom } from '../context'
import { usesOf } from '../piece/model'

/** The piece's photos, small: drag one onto a frame, or press it to place it in the selected or first empty frame. Short, it shows two
 * rows and a half and scrolls. */
export function PhotoTray({ short = false }: { short?: boolean }) {
  const { photos, piece, place } = useRoom()
  const { start } = useDragging()
  const uses = usesOf(piece)
  if (photos.length === 0) {
    return <p className="text-soft">No photos yet. Bring some in under Gather; they wait here to be placed.</p>
  }
  return (
    <ul className={`grid grid-cols-3 gap-1.5 ${short ? '-m-1 max-h-46 overflow-y-auto p-1' : ''}`}>
      {photos.map((photo) => {
        const count = uses.get(photo.entryId)?.length ?? 0
        return (
          <li key={photo.entryId} className="relative">
            <button
              aria-label={`Place ${photo.fileName}${count ? `, used ${count} times` : ', not used'}`}
              title={photo.caption || photo.fileName}
              className="block aspect-square w-full touch-pan-y overflow-hidden bg-mat"
              onClick={() => place(photo.entryId)}
              onPointerDown={(event) => {
                if (event.pointerType === 'mouse') event.preventDefault()
                start(event, { kind: 'photo', entryId: photo.entryId }, smallPicture(photo.id))
              }}
            >
              <img
                alt=""
                src={smallPicture(photo.id)}
                loading="lazy"
                draggable={false}
                className={`size-full object-cover ${count ? 'opacity-55' : ''}`}
              />
            </button>
            {count > 0 && (
              <span
                className="pointer-events-none absolute right-0 bottom-0 bg-paper px-1 text-xs leading-4"
                aria-hidden
              >
                {count}×
              </span>
            )}
          </li>
        )
      })}
    </ul>
  )
}
