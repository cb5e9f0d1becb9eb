import { X } from 'lucide-react'
import { memo } from 'react'
import { type Sharpness, smallPicture } from '../api/client'
import { useDragging } from '../drag/DragProvider'
import { useDropTarget } from '../drag/useDropTarget'
import { lettersAct } from '../fields/typing'
import { WeaveGauge } from '../ui/WeaveGauge'
import type { TrayPhoto } from '../workroom/context'
import type { Packed } from './packing'
import type { TableDoings } from './useTableDoings'

interface Props {
  place: Packed<TrayPhoto>
  dayRoom: number
  chosen: boolean
  uses: number[]
  /** How sharp it comes out where it is shown largest. */
  sharpness: { ppi: number; sharpness: Sharpness } | undefined
  /** What helps to choose: whether it is alike to others, or blurred. */
  mark: string | undefined
  doings: TableDoings
}

/** Where a photo is used: two halves on facing pages are one use. */
function saidUses(uses: number[]): string {
  const [first, second, ...more] = uses
  if (first === undefined) return 'not used'
  if (second === undefined) return `page ${first}`
  const facing = more.length === 0 && first % 2 === 0 && second === first + 1
  return facing ? `pages ${first} and ${second}` : `${uses.length} times`
}

/** A photo on the light table: drag it (or Alt and an arrow) to another place; its sharpness is that of its largest use. */
export const TablePhoto = memo(function TablePhoto(props: Props) {
  const { place, dayRoom, chosen, uses, sharpness, mark, doings } = props
  const { item: photo, left, top, width, height, day } = place
  const { start } = useDragging()
  const { over, properties } = useDropTarget(`table:${photo.entryId}`, (cargo) => {
    if (cargo.kind === 'photo' && cargo.entryId !== photo.entryId) doings.drop(photo.entryId, cargo.entryId)
  })
  const used = saidUses(uses)
  return (
    <li className="group absolute" style={{ left, top, width }}>
      {day && (
        <span
          className="absolute flex items-center justify-center border-l border-edge text-[13px] whitespace-nowrap text-soft"
          style={{
            left: -dayRoom,
            width: height,
            height: dayRoom - 4,
            transformOrigin: '0 0',
            transform: `translate(0, ${height}px) rotate(-90deg)`,
          }}
        >
          <span className="truncate" title={day.title}>
            {day.short}
          </span>
        </span>
      )}
      <button
        {...properties}
        aria-label={`${photo.fileName}, ${photo.width} by ${photo.height} pixels, ${[used, photo.aside && 'set aside', mark].filter(Boolean).join(', ')}. Alt and an arrow moves it.`}
        aria-pressed={chosen}
        className={`block touch-pan-y overflow-hidden bg-linen ${over ? 'outline-3 outline-woad' : chosen ? 'outline-3 outline-offset-1 outline-woad' : 'hover:outline-1 hover:outline-woad'}`}
        style={{ width, height }}
        onClick={(event) =>
          doings.choose(photo.entryId, event.shiftKey ? 'through' : event.ctrlKey || event.metaKey ? 'more' : 'alone')
        }
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'photo', entryId: photo.entryId }, smallPicture(photo.id))
        }}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0
          if (event.key === 'Delete') doings.takeOut(photo.entryId)
          else if (event.altKey && by) doings.step(photo.entryId, by)
          else if (event.key.toLowerCase() === 'x' && lettersAct() && !event.ctrlKey && !event.metaKey)
            doings.aside(photo.entryId)
          else if (event.key.startsWith('Arrow')) neighbour(event.currentTarget, event.key)?.focus()
          else return
          event.preventDefault()
        }}
      >
        <img
          alt=""
          src={smallPicture(photo.id)}
          draggable={false}
          className={`size-full object-cover ${photo.aside ? 'opacity-30' : ''}`}
        />
      </button>
      <button
        aria-label={`Take ${photo.fileName} out`}
        title="Take out of this piece"
        className="absolute top-1 right-1 flex size-6 items-center justify-center bg-paper opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
        onClick={() => doings.takeOut(photo.entryId)}
      >
        <X size={15} />
      </button>
      <p className="mt-1 truncate text-[13px] leading-4" title={photo.caption || photo.fileName}>
        {photo.caption || photo.fileName}
      </p>
      <p className="flex items-center gap-x-2 overflow-hidden text-[13px] leading-5 whitespace-nowrap text-soft">
        <span className={uses.length === 0 ? '' : 'text-ink'}>{photo.aside ? 'set aside' : used}</span>
        {mark && <span className="truncate text-ink">{mark}</span>}
        {sharpness && sharpness.sharpness !== 'DENSE' && <WeaveGauge {...sharpness} />}
      </p>
    </li>
  )
})

/** The photo beside, or the nearest one in the row above or below. */
function neighbour(button: HTMLElement, key: string): HTMLElement | undefined {
  const all = [...(button.closest('ul')?.querySelectorAll<HTMLElement>('button[aria-pressed]') ?? [])]
  const at = all.indexOf(button)
  if (key === 'ArrowLeft' || key === 'ArrowRight') return all[at + (key === 'ArrowLeft' ? -1 : 1)]
  const box = button.getBoundingClientRect()
  const middle = box.left + box.width / 2
  const beyond = all
    .map((one) => ({ one, its: one.getBoundingClientRect() }))
    .filter(({ its }) => (key === 'ArrowUp' ? its.bottom < box.top : its.top > box.bottom))
  const far = ({ its }: (typeof beyond)[number]) =>
    Math.abs(its.top - box.top) * 10 + Math.abs(its.left + its.width / 2 - middle)
  return beyond.toSorted((a, b) => far(a) - far(b))[0]?.one
}
