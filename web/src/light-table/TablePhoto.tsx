import { X } from 'lucide-react'
import { type Sharpness, smallPicture } from '../api/client'
import { useDragging } from '../drag/DragProvider'
import { useDropTarget } from '../drag/useDropTarget'
import type { TrayPhoto } from '../workroom/context'
import { WeaveGauge } from '../ui/WeaveGauge'

interface Props {
  photo: TrayPhoto
  uses: number[]
  /** How sharp it comes out where it is shown largest. */
  sharpness: { ppi: number; sharpness: Sharpness } | undefined
  /** Another photo was let go on this one and takes its place. */
  onDropped: (entryId: string) => void
  /** It goes so many places on. */
  onStep: (by: number) => void
  onTakeOut: () => void
}

const HEIGHT_PX = 132
/** Room for what is said below, however narrow the photo is. */
const NARROWEST_PX = 124

/** A photo on the light table: drag it (or Alt and an arrow) to another place; its sharpness is that of its largest use. */
export function TablePhoto({ photo, uses, sharpness, onDropped, onStep, onTakeOut }: Props) {
  const { start } = useDragging()
  const { over, properties } = useDropTarget(`table:${photo.entryId}`, (cargo) => {
    if (cargo.kind === 'photo' && cargo.entryId !== photo.entryId) onDropped(cargo.entryId)
  })
  const width = Math.round(Math.min(430, Math.max(28, (HEIGHT_PX * photo.width) / photo.height)))
  const used = uses.length === 0 ? 'not used' : uses.length === 1 ? `page ${uses[0]}` : `${uses.length} times`
  return (
    <li className="group relative" style={{ width: Math.max(width, NARROWEST_PX) }}>
      <button
        {...properties}
        aria-label={`${photo.fileName}, ${photo.width} by ${photo.height} pixels, ${used}. Alt and an arrow moves it.`}
        className={`block touch-pan-y overflow-hidden bg-mat ${over ? 'outline-3 outline-woad' : 'hover:outline-1 hover:outline-woad'}`}
        style={{ width, height: HEIGHT_PX }}
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'photo', entryId: photo.entryId }, smallPicture(photo.id))
        }}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
          if (event.key === 'Delete') onTakeOut()
          else if (event.altKey && by) onStep(by)
          else return
          event.preventDefault()
        }}
      >
        <img alt="" src={smallPicture(photo.id)} loading="lazy" draggable={false} className="size-full object-cover" />
      </button>
      <button
        aria-label={`Take ${photo.fileName} out`}
        title="Take out of this piece"
        className="absolute top-1 right-1 flex size-6 items-center justify-center bg-paper opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
        onClick={onTakeOut}
      >
        <X size={15} />
      </button>
      <p className="mt-1 truncate text-[13px] leading-4" title={photo.caption || photo.fileName}>
        {photo.caption || photo.fileName}
      </p>
      <p className="flex flex-wrap items-center gap-x-2 text-[13px] leading-5 text-soft">
        {photo.width} × {photo.height}
        <span className={uses.length === 0 ? '' : 'text-ink'}>{used}</span>
        {sharpness && sharpness.sharpness !== 'DENSE' && <WeaveGauge {...sharpness} />}
      </p>
    </li>
  )
}
