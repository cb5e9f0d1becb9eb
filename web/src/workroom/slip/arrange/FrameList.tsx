import { ChevronDown, ChevronsDown, ChevronsUp, ChevronUp, Eye, EyeOff, Lock, Pin, Type } from 'lucide-react'
import { smallPicture } from '../../../api/client'
import { IconButton } from '../../../ui/Button'
import { Part } from '../Part'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import type { Frame } from '../../piece/model'

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
  const { page, photos, frames, select, handle } = useRoom()
  const { toggleHidden } = useFrameDoings()
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
          <li key={frame.id} className={`flex ${held.has(frame.id) ? 'bg-wash' : ''}`}>
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
              className={`flex min-w-0 flex-1 items-center gap-2 px-1.5 py-1 text-left text-[13px] ${held.has(frame.id) ? 'font-semibold' : 'hover:bg-wash'}`}
            >
              <span className="flex size-8 shrink-0 items-center justify-center bg-mat">
                {frame.text && <Type aria-hidden size={16} />}
                {frame.photo && <img alt="" src={smallPicture(frame.photo)} className="size-8 object-cover" />}
              </span>
              <span className="min-w-0 flex-1">
                <span className="block truncate">
                  {ids.indexOf(frame.id) + 1}.{' '}
                  {frame.photo ? names.get(frame.photo) : frame.text ? frame.text.text || 'words' : 'empty'}
                </span>
                <span className="block font-normal text-soft">{saidOf(frame)}</span>
              </span>
              {frame.marks.pinned && <Pin aria-label="pinned" size={14} />}
              {frame.locked && <Lock aria-label="locked" size={14} />}
            </button>
            <IconButton
              name={
                frame.hidden ? `Show frame ${ids.indexOf(frame.id) + 1}` : `Hide frame ${ids.indexOf(frame.id) + 1}`
              }
              aria-pressed={frame.hidden}
              className="self-center"
              onClick={() => toggleHidden(frame)}
            >
              {frame.hidden ? <EyeOff size={15} /> : <Eye size={15} />}
            </IconButton>
          </li>
        ))}
      </ol>
    </>
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
