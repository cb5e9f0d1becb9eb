import { CalendarClock, Columns2, Layers } from 'lucide-react'
import { useState } from 'react'
import { Choice } from '../../fields/Choice'
import { Button } from '../../ui/Button'
import { useRoom } from '../../workroom/context'
import { Compare } from './Compare'
import { DatesForm } from './DatesForm'
import { lesser, SHOWN, type Shown } from './shown'
import type { Choosing } from './useChoosing'

interface Props {
  choosing: Choosing | undefined
  shown: Shown
  onShow: (shown: Shown) => void
}

/** Choosing from many photos: what looks alike or is blurred, what is kept, and what is done with those that are selected. */
export function ChoosingBar({ choosing, shown, onShow }: Props) {
  const { photos, handle, chosen: selected } = useRoom()
  const [comparing, setComparing] = useState(false)
  const [dating, setDating] = useState(false)
  const { chosen } = selected
  const selection = photos.filter(({ entryId }) => chosen.has(entryId))
  const kept = photos.filter(({ aside }) => !aside).length
  const spare = choosing ? lesser(photos, choosing) : []
  const setAside = (entryIds: string[], aside: boolean) => void handle.edit({ kind: 'setAside', entryIds, aside })
  const allAside = selection.length > 0 && selection.every(({ aside }) => aside)
  const said = !choosing
    ? 'Looking at the photos …'
    : choosing.left > 0
      ? `Looking at the photos, ${choosing.left} to go …`
      : `${kept} of ${photos.length} kept; ${choosing.groups.length} groups look alike, ${choosing.blurred.size} blurred`
  return (
    <div role="group" aria-label="Choosing" className="mb-2 space-y-2 border-l-2 border-line pl-3">
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-44">
          <Choice label="The table shows" options={SHOWN} value={shown} onChange={onShow} />
        </div>
        {spare.length > 0 && (
          <Button title="The others of each group are set aside" onClick={() => setAside(spare, true)}>
            <Layers size={16} /> Keep the sharpest of each ({spare.length} aside)
          </Button>
        )}
        {selection.length > 0 && (
          <Button onClick={() => setAside([...chosen], !allAside)}>
            {allAside ? 'Keep' : 'Set aside'} {selection.length}
          </Button>
        )}
        <Button disabled={selection.length !== 2} onClick={() => setComparing(true)}>
          <Columns2 size={16} /> Compare two
        </Button>
        <Button disabled={selection.length === 0} aria-expanded={dating} onClick={() => setDating(!dating)}>
          <CalendarClock size={16} /> Dates
        </Button>
      </div>
      {dating && selection.length > 0 && <DatesForm photos={selection} onDone={() => setDating(false)} />}
      <p role="status" className="text-[13px] leading-4 text-soft">
        {said}. X sets a photo aside or takes it back, arrows go on.
      </p>
      {comparing && selection.length === 2 && <Compare photos={selection} onClose={() => setComparing(false)} />}
    </div>
  )
}
