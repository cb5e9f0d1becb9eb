import {
  ChevronDown,
  ChevronUp,
  ChevronsDown,
  ChevronsUp,
  Eye,
  EyeOff,
  Flower,
  Lock,
  Minus,
  Pin,
  Square,
  Type,
} from 'lucide-react'
import { smallPicture } from '../../../api/client'
import { useDragging } from '../../../drag/DragProvider'
import { useDropTarget } from '../../../drag/useDropTarget'
import { IconButton } from '../../../ui/Button'
import { contentName } from '../../ornaments/useOrnaments'
import { Part } from '../Part'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import type { Frame } from '../../piece/model'

/** What has no picture is dragged as a small sheet. */
const NO_PICTURE =
  'data:image/svg+xml,%3Csvg xmlns="http://www.w3.org/2000/svg" width="40" height="30"%3E%3Crect width="40" height="30" fill="%23e9e2d3"/%3E%3C/svg%3E'

const MOVES = [
  ['To the front', ChevronsUp, () => Infinity],
  ['Forward', ChevronUp, (at: number) => at + 1],
  ['Backward', ChevronDown, (at: number) => at - 1],
  ['To the back', ChevronsDown, () => -1],
] as const

/** What lies on the page from front to back, each with its picture. Any of it can be put before or behind others. */
export function FrameList() {
  return (
    <Part title="What lies on the page" folded>
      <Stack />
    </Part>
  )
}

function Stack() {
  const { page, photos, frames, handle } = useRoom()
  const names = new Map(photos.map(({ id, fileName }) => [id, fileName]))
  const ids = page.frames.map(({ id }) => id)
  const held = new Set(frames.map(({ id }) => id))
  // A group keeps together: it is moved as one.
  const heldItems = new Set(frames.map(({ id, group }) => group ?? id))

  const move = (where: (at: number) => number) => {
    const all = page.items.map(({ id }) => id)
    const rest = all.filter((id) => !heldItems.has(id))
    const moved = all.filter((id) => heldItems.has(id))
    const first = all.findIndex((id) => heldItems.has(id))
    const at = Math.min(rest.length, Math.max(0, where(first)))
    void handle.edit({
      kind: 'restackItems',
      pageId: page.id,
      itemIds: [...rest.slice(0, at), ...moved, ...rest.slice(at)],
    })
  }
  /** One item comes to lie where another lies, and the other moves on. */
  const put = (itemId: string, where: string) => {
    const all = page.items.map(({ id }) => id)
    const at = all.indexOf(where)
    const rest = all.filter((id) => id !== itemId)
    const itemIds = [...rest.slice(0, at), itemId, ...rest.slice(at)]
    void handle.edit({ kind: 'restackItems', pageId: page.id, itemIds })
  }
  if (page.frames.length === 0) return <p className="text-soft">No frames yet. Draw one, or give the page a grid.</p>
  return (
    <>
      <div className="-mx-1 flex">
        {MOVES.map(([name, Icon, where]) => (
          <IconButton key={name} name={name} disabled={frames.length === 0} onClick={() => move(where)}>
            <Icon size={17} />
          </IconButton>
        ))}
      </div>
      <ol aria-label="Frames from front to back" className="max-h-72 overflow-y-auto border border-line bg-paper">
        {page.frames.toReversed().map((frame) => (
          <StackRow
            key={frame.id}
            frame={frame}
            number={ids.indexOf(frame.id) + 1}
            name={(frame.photo && names.get(frame.photo)) ?? contentName(frame)}
            held={held.has(frame.id)}
            onDropped={(itemId) => put(itemId, frame.group ?? frame.id)}
          />
        ))}
      </ol>
    </>
  )
}

interface RowProps {
  frame: Frame
  number: number
  name: string
  held: boolean
  /** Another one was let go here and takes this one's place. */
  onDropped: (itemId: string) => void
}

/** One thing on the page: pressed, it is selected; dragged to another row, it lies there. */
function StackRow({ frame, number, name, held, onDropped }: RowProps) {
  const { page, select } = useRoom()
  const { toggleHidden } = useFrameDoings()
  const { start } = useDragging()
  const itemId = frame.group ?? frame.id
  const { over, properties } = useDropTarget(`stack:${frame.id}`, (cargo) => {
    if (cargo.kind === 'item' && cargo.itemId !== itemId) onDropped(cargo.itemId)
  })
  return (
    <li
      {...properties}
      className={`flex ${held ? 'bg-wash' : ''} ${over ? 'outline-2 -outline-offset-2 outline-woad' : ''}`}
    >
      <button
        type="button"
        aria-pressed={held}
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'item', itemId }, frame.photo ? smallPicture(frame.photo) : NO_PICTURE)
        }}
        onClick={(event) =>
          select({ kind: event.shiftKey ? 'toggle' : 'frames', pageId: page.id, frameIds: [frame.id] })
        }
        className={`flex min-w-0 flex-1 touch-pan-y items-center gap-2 px-1.5 py-1 text-left text-[13px] ${held ? 'font-semibold' : 'hover:bg-wash'}`}
      >
        <span className="flex size-8 shrink-0 items-center justify-center bg-mat">
          {frame.ornament && <Flower aria-hidden size={16} />}
          {frame.text && !frame.ornament && <Type aria-hidden size={16} />}
          {frame.rule && <Minus aria-hidden size={16} />}
          {frame.box && <Square aria-hidden size={16} />}
          {frame.photo && (
            <img alt="" src={smallPicture(frame.photo)} className="size-8 object-cover" draggable={false} />
          )}
        </span>
        <span className="min-w-0 flex-1">
          <span className="block truncate">
            {number}. {name}
          </span>
          <span className="block font-normal text-soft">{saidOf(frame)}</span>
        </span>
        {frame.marks.pinned && <Pin aria-label="pinned" size={14} />}
        {frame.locked && <Lock aria-label="locked" size={14} />}
      </button>
      <IconButton
        name={frame.hidden ? `Show frame ${number}` : `Hide frame ${number}`}
        aria-pressed={frame.hidden}
        className="self-center"
        onClick={() => toggleHidden(frame)}
      >
        {frame.hidden ? <EyeOff size={15} /> : <Eye size={15} />}
      </IconButton>
    </li>
  )
}

function saidOf({ spot, across, group, hidden }: Frame): string {
  const parts = [
    across ? 'across the page' : spot ? 'free' : 'in the arrangement',
    spot?.turnDegrees && `turned ${spot.turnDegrees}°`,
    group && 'in a group',
    hidden && 'hidden',
  ]
  return parts.filter(Boolean).join(', ')
}
