import { ChevronDown, ChevronUp } from 'lucide-react'
import { memo, useRef, useState } from 'react'
import { smallPicture } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import { useStretch } from '../../ui/useStretch'
import { type Room, type TrayPhoto, useRoom, useRoomNow } from '../context'
import { usesOf } from '../piece/model'
import { moveInOrder } from '../piece/moveInOrder'
import { WaitingThings } from './WaitingThings'

const HEIGHT_PX = 60
const GAP_PX = 6
const NARROWEST_PX = 26
const WIDEST_PX = 150
/** For each photo while their sizes are being read: the tray has its height at once, so that the bench keeps its own. */
const WHILE_READ_PX = 80
const CLOSED = 'wovenset.tray'

const widthOf = ({ width, height }: TrayPhoto) =>
  Math.round(Math.min(WIDEST_PX, Math.max(NARROWEST_PX, (HEIGHT_PX * width) / height)))

interface Lain {
  photo: TrayPhoto
  left: number
  width: number
  pages: number[]
}

/** The photos one beside the other, those that wait first, each with the place where it lies. */
function lain(photos: TrayPhoto[], uses: Map<string, number[]>): { all: Lain[]; width: number } {
  const waits = photos.filter(({ entryId }) => !uses.has(entryId))
  const used = photos.filter(({ entryId }) => uses.has(entryId))
  let left = 0
  const all = [...waits, ...used].map((photo, index) => {
    if (index === waits.length && waits.length > 0) left += 2 * GAP_PX
    const width = widthOf(photo)
    const one = { photo, left, width, pages: [...new Set(uses.get(photo.entryId) ?? [])] }
    left += width + GAP_PX
    return one
  })
  return { all, width: left }
}

/** The photos along the near edge: drag one onto a frame, or press it to place it in the selected or first empty frame. */
export function Tray() {
  const { photos, piece, stored } = useRoom()
  const [closed, setClosed] = useState(() => localStorage.getItem(CLOSED) === 'yes')
  const scroller = useRef<HTMLDivElement>(null)
  const { from, to } = useStretch(scroller, 'across', !closed && photos.length > 0)
  const uses = usesOf(piece)
  const { all, width } = lain(photos, uses)
  const count = stored.entries.length
  const waiting = stored.entries.filter(({ id }) => !uses.has(id)).length
  const turn = () => {
    localStorage.setItem(CLOSED, closed ? 'no' : 'yes')
    setClosed(!closed)
  }
  const said = `${count === 1 ? '1 photo' : `${count} photos`}, ${waiting === 0 ? 'all placed' : `${waiting} not placed`}`
  return (
    <section
      aria-label="Tray of photos"
      data-place="tray"
      tabIndex={-1}
      className="flex shrink-0 flex-col border-t border-line bg-paper"
    >
      <div className="flex items-center">
        <button
          aria-expanded={!closed}
          className="flex h-6 items-center gap-1 px-2 text-[13px] text-soft hover:text-woad"
          onClick={turn}
        >
          {closed ? <ChevronUp size={14} aria-hidden /> : <ChevronDown size={14} aria-hidden />}
          {said}
        </button>
        <WaitingThings />
      </div>
      {!closed &&
        (count === 0 ? (
          <p className="px-2 pb-2 text-soft">No photos yet. Bring some in under Gather; they wait here to be placed.</p>
        ) : (
          <div ref={scroller} className="overflow-x-auto overflow-y-hidden px-2 pb-1.5" tabIndex={-1}>
            <ul
              className="relative"
              style={{ width: photos.length > 0 ? width : count * WHILE_READ_PX, height: HEIGHT_PX }}
            >
              {all
                .filter(({ left, width: wide }) => left + wide >= from && left <= to)
                .map((one) => (
                  <TrayItem key={one.photo.entryId} {...one} />
                ))}
            </ul>
          </div>
        ))}
    </section>
  )
}

/** Those that wait and those on pages keep apart in the tray. */
const moveInTray = ({ handle }: Room, entryId: string, to: string) =>
  moveInOrder(handle, entryId, to, () => document.querySelector<HTMLElement>(`[data-drop="tray:${entryId}"]`))

/** The entry that lies before or after in the tray. */
function neighbour(button: HTMLElement, by: number): string | undefined {
  const all = [...(button.closest('ul')?.querySelectorAll<HTMLElement>('[data-drop^="tray:"]') ?? [])]
  return all[all.indexOf(button) + by]?.dataset.drop?.slice('tray:'.length)
}

/** Nothing that it shows is another. */
const same = (a: Lain, b: Lain) =>
  a.left === b.left &&
  a.width === b.width &&
  a.photo.id === b.photo.id &&
  a.photo.fileName === b.photo.fileName &&
  a.photo.caption === b.photo.caption &&
  a.pages.join() === b.pages.join()

const TrayItem = memo(function TrayItem({ photo, left, width, pages }: Lain) {
  const room = useRoomNow()
  const { start } = useDragging()
  const { over, properties } = useDropTarget(`tray:${photo.entryId}`, (cargo) => {
    if (cargo.kind === 'photo' && cargo.entryId !== photo.entryId) moveInTray(room(), cargo.entryId, photo.entryId)
  })
  const used = pages.length === 0 ? 'not placed' : `on page ${pages.join(', ')}`
  return (
    <li className="absolute top-0" style={{ left, width, height: HEIGHT_PX }}>
      <button
        {...properties}
        aria-label={`Place ${photo.fileName}, ${used}. Alt and an arrow moves it.`}
        title={photo.caption || photo.fileName}
        className={`block size-full touch-pan-x overflow-hidden bg-mat hover:outline-2 hover:outline-woad ${over ? 'outline-3 outline-woad' : ''}`}
        onClick={() => room().place(photo.entryId)}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
          if (!event.altKey || !by) return
          event.preventDefault()
          const beside = neighbour(event.currentTarget, by)
          if (beside) moveInTray(room(), photo.entryId, beside)
        }}
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'photo', entryId: photo.entryId }, smallPicture(photo.id))
        }}
      >
        <img alt="" src={smallPicture(photo.id)} draggable={false} className="size-full object-cover" />
      </button>
      {pages.length > 0 && (
        <span aria-hidden className="pointer-events-none absolute bottom-0 left-0 bg-paper px-1 text-xs leading-4">
          p. {pages[0]}
          {pages.length > 1 && ' …'}
        </span>
      )}
    </li>
  )
}, same)
