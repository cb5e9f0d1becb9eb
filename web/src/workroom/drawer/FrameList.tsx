import { ChevronDown, ChevronsDown, ChevronsUp, ChevronUp, Lock, Pin } from 'lucide-react'
import { type Frame, smallPicture } from '../../api/client'
import { IconButton } from '../../ui/Button'
import { useRoom } from '../context'

const MOVES = [
  ['To the front', ChevronsUp, () => Infinity],
  ['Forward', ChevronUp, (at: number) => at + 1],
  ['Backward', ChevronDown, (at: number) => at - 1],
  ['To the back', ChevronsDown, () => -1],
] as const

/** The frames from front to back, each with its picture. Those that the arrangement places never cover each other. */
export function FrameList() {
  const { page, photos, frames, select, handle } = useRoom()
  const names = new Map(photos.map(({ id, fileName }) => [id, fileName]))
  const ids = page.frames.map(({ id }) => id)
  const held = new Set(frames.map(({ id }) => id))

  const move = (where: (at: number) => number) => {
    const rest = ids.filter((id) => !held.has(id))
    const moved = ids.filter((id) => held.has(id))
    const first = ids.findIndex((id) => held.has(id))
    const at = Math.min(rest.length, Math.max(0, where(first)))
    void handle.edit({
      kind: 'orderFrames',
      pageId: page.id,
      frameIds: [...rest.slice(0, at), ...moved, ...rest.slice(at)],
    })
  }
  const movable = frames.length > 0 && frames.every(({ spot }) => spot)
  if (page.frames.length === 0) return <p className="text-soft">No frames yet. Draw one, or give the page a grid.</p>
  return (
    <>
      <div className="-mx-1 flex">
        {MOVES.map(([name, Icon, where]) => (
          <IconButton key={name} name={name} disabled={!movable} onClick={() => move(where)}>
            <Icon size={17} />
          </IconButton>
        ))}
      </div>
      {frames.length > 0 && !movable && (
        <p className="text-[13px] leading-4 text-soft">
          {page.arrangement.kind === 'scattered'
            ? 'Scattered prints lie over each other as they fell. Take them out to change what is in front.'
            : 'Frames in the arrangement never cover each other. Take one out to put it behind or before others.'}
        </p>
      )}
      <ol aria-label="Frames from front to back" className="max-h-72 overflow-y-auto border border-line bg-paper">
        {page.frames.toReversed().map((frame) => (
          <li key={frame.id}>
            <button
              type="button"
              aria-pressed={held.has(frame.id)}
              onClick={(event) =>
                select({
                  kind: event.shiftKey ? 'toggle' : 'frames',
                  pageId: page.id,
                  frameIds: [frame.id],
                })
              }
              className={`flex w-full items-center gap-2 px-1.5 py-1 text-left text-[13px] ${held.has(frame.id) ? 'bg-wash font-semibold' : 'hover:bg-wash'}`}
            >
              <span className="flex size-8 shrink-0 items-center justify-center bg-mat">
                {frame.photo && <img alt="" src={smallPicture(frame.photo)} className="size-8 object-cover" />}
              </span>
              <span className="min-w-0 flex-1">
                <span className="block truncate">
                  {ids.indexOf(frame.id) + 1}. {frame.photo ? names.get(frame.photo) : 'empty'}
                </span>
                <span className="block font-normal text-soft">{saidOf(frame)}</span>
              </span>
              {frame.marks?.pinned && <Pin aria-label="pinned" size={14} />}
              {frame.spot?.locked && <Lock aria-label="locked" size={14} />}
            </button>
          </li>
        ))}
      </ol>
    </>
  )
}

function saidOf({ spot }: Frame): string {
  if (!spot) return 'in the arrangement'
  const parts = ['free', spot.turnDegrees && `turned ${spot.turnDegrees}°`, spot.group && `group ${spot.group}`]
  return parts.filter(Boolean).join(', ')
}
