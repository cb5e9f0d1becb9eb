import type { RefObject } from 'react'
import type { Sharpness } from '../api/client'
import { useStretch } from '../ui/useStretch'
import type { TrayPhoto } from '../workroom/context'
import type { Choosing } from './choosing/useChoosing'
import type { Packing } from './packing'
import { TablePhoto } from './TablePhoto'
import type { TableDoings } from './useTableDoings'

const UNUSED: number[] = []

interface Props {
  scroller: RefObject<HTMLElement | null>
  rows: Packing<TrayPhoto>
  /** Below each photo, and for a day's name. */
  room: { words: number; day: number }
  chosen: Set<string>
  uses: Map<string, number[]>
  sharpness: Map<string, { ppi: number; sharpness: Sharpness }>
  choosing: Choosing | undefined
  doings: TableDoings
}

/** What helps to choose. */
function markOf({ id }: TrayPhoto, choosing: Choosing | undefined): string | undefined {
  const group = choosing?.alike.get(id)
  const alike = group && (group[0] === id ? `sharpest of ${group.length}` : 'alike')
  return [alike, choosing?.blurred.has(id) && 'blurred'].filter(Boolean).join(', ') || undefined
}

/** The photos in their rows; only those that are in sight or near it are there. */
export function TableRows({ scroller, rows, room, chosen, uses, sharpness, choosing, doings }: Props) {
  const { from, to } = useStretch(scroller, 'down')
  return (
    <ul className="relative" style={{ height: rows.height }}>
      {rows.all
        .filter((one) => one.top + one.height + room.words >= from && one.top <= to)
        .map((one) => (
          <TablePhoto
            key={one.item.entryId}
            place={one}
            dayRoom={room.day}
            chosen={chosen.has(one.item.entryId)}
            uses={uses.get(one.item.entryId) ?? UNUSED}
            sharpness={sharpness.get(one.item.entryId)}
            mark={markOf(one.item, choosing)}
            doings={doings}
          />
        ))}
    </ul>
  )
}
