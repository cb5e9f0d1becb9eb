import { ArrowDownAZ, Clock3, ListChecks, TextCursorInput, Trash2 } from 'lucide-react'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { client, data } from '../api/client'
import { Button } from '../ui/Button'
import { type TrayPhoto, useRoom } from '../workroom/context'
import { usesOf, waitingIn } from '../workroom/piece/model'
import { groupsOf } from './dateGroups'
import { byName, byTime } from './photoOrder'
import { packed } from './packing'
import { ChoosingBar } from './choosing/ChoosingBar'
import { type Shown, shownOf } from './choosing/shown'
import { TableRows } from './TableRows'
import { useChoosing } from './choosing/useChoosing'
import { useTableDoings } from './useTableDoings'

const SIZES = { rowHeight: 128, gap: 10, words: 40, day: 24 }

/** A file's name without its kind, as words. */
const nameOf = ({ fileName }: TrayPhoto) =>
  fileName
    .replace(/\.[^.]+$/, '')
    .replaceAll(/[_\s]+/g, ' ')
    .trim()

/** All photos of the piece in order, packed in rows, with the days between them. */
export function LightTable() {
  const { piece, photos, handle, chosen: selected } = useRoom()
  const { edit } = handle
  const check = useQuery({
    queryKey: ['check', piece.id, handle.open?.revision],
    queryFn: () => data(client.GET('/api/pieces/{id}/check', { params: { path: { id: piece.id } } })),
    placeholderData: (before) => before,
  })
  const scroller = useRef<HTMLElement>(null)
  const [width, setWidth] = useState(0)
  const { chosen } = selected
  const doings = useTableDoings(piece.entries)
  const [on, setOn] = useState(false)
  const [wanted, setShown] = useState<Shown>('ALL')
  const shown = on ? wanted : 'ALL'
  const files = useMemo(() => [...new Set(photos.map(({ id }) => id))].join(), [photos])
  const choosing = useChoosing(piece.id, files, on)
  useEffect(() => {
    const element = scroller.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => entry && setWidth(Math.floor(entry.contentRect.width)))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  const rows = useMemo(
    () =>
      packed(
        groupsOf(shownOf(photos, shown, choosing)).map(({ title, short, photos: items }) => ({ title, short, items })),
        { ...SIZES, width },
      ),
    [photos, shown, choosing, width],
  )

  const uses = useMemo(() => usesOf(piece), [piece])
  const waiting = waitingIn(piece).length
  const sharpness = useMemo(() => new Map(check.data?.sharpness.map((one) => [one.entryId, one])), [check.data])
  const order = (next: TrayPhoto[]) => void edit({ kind: 'orderEntries', entryIds: next.map(({ entryId }) => entryId) })
  const caption = () =>
    edit({
      kind: 'captionEntries',
      captions: photos
        .filter((one) => !one.caption)
        .map((photo) => ({ entryId: photo.entryId, caption: nameOf(photo) })),
    })
  const wordless = photos.filter((photo) => !photo.caption).length
  return (
    <>
      <div className="flex min-h-10 shrink-0 flex-wrap items-center gap-2 pb-2">
        <h1 className="text-base font-semibold">Light table</h1>
        <span className="mr-auto text-soft" role="status">
          {chosen.size > 0
            ? `${chosen.size} of ${photos.length} selected`
            : `${photos.length} ${photos.length === 1 ? 'photo' : 'photos'}, ${waiting} not placed`}
        </span>
        {chosen.size > 0 && (
          <Button onClick={() => doings.takeAllOut([...chosen])}>
            <Trash2 size={16} /> Take {chosen.size === 1 ? 'it' : `all ${chosen.size}`} out
          </Button>
        )}
        <Button
          look={on ? 'primary' : 'plain'}
          disabled={photos.length < 2}
          aria-pressed={on}
          onClick={() => setOn(!on)}
        >
          <ListChecks size={16} /> Choose
        </Button>
        {wordless > 0 && (
          <Button onClick={() => void caption()}>
            <TextCursorInput size={16} /> Captions from names
          </Button>
        )}
        <Button disabled={photos.length < 2} onClick={() => order(byTime(photos))}>
          <Clock3 size={16} /> In order of time
        </Button>
        <Button disabled={photos.length < 2} onClick={() => order(byName(photos))}>
          <ArrowDownAZ size={16} /> In order of names
        </Button>
      </div>
      {on && <ChoosingBar choosing={choosing} shown={shown} onShow={setShown} />}
      <main
        ref={scroller}
        aria-label="Light table"
        data-place="bench"
        tabIndex={-1}
        className="-ml-1 min-h-0 flex-1 overflow-y-auto pt-1 pl-1 focus-visible:outline-none"
      >
        {photos.length === 0 && (
          <p className="py-24 text-center text-soft">
            No photos yet. Drop files, folders or a ZIP anywhere here, or bring them in with the button on the slip.
          </p>
        )}
        {width > 0 && (
          <TableRows
            scroller={scroller}
            rows={rows}
            room={SIZES}
            chosen={chosen}
            uses={uses}
            sharpness={sharpness}
            choosing={choosing}
            doings={doings}
          />
        )}
      </main>
    </>
  )
}
