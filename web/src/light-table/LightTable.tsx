import { ArrowDownAZ, Clock3, ListChecks, TextCursorInput, Trash2 } from 'lucide-react'
import { useQuery } from '@tanstack/react-query'
import { useEffect, useMemo, useRef, useState } from 'react'
import { client, data } from '../api/client'
import { Button } from '../ui/Button'
import { useNotice } from '../ui/Notices'
import { useStretch } from '../ui/useStretch'
import { type TrayPhoto, useRoom } from '../workroom/context'
import { usesOf, waitingIn } from '../workroom/piece/model'
import { groupsOf } from './dateGroups'
import { byName, byTime } from './photoOrder'
import { packed } from './packing'
import { ChoosingBar } from './choosing/ChoosingBar'
import { type Shown, shownOf } from './choosing/shown'
import { TablePhoto } from './TablePhoto'
import { type Choosing, useChoosing } from './choosing/useChoosing'

const SIZES = { rowHeight: 128, gap: 10, words: 40, day: 24 }

/** A file's name without its kind, as words. */
const nameOf = ({ fileName }: TrayPhoto) =>
  fileName
    .replace(/\.[^.]+$/, '')
    .replaceAll(/[_\s]+/g, ' ')
    .trim()

/** What helps to choose. */
function markOf({ id }: TrayPhoto, choosing: Choosing | undefined): string | undefined {
  const group = choosing?.alike.get(id)
  const alike = group && (group[0] === id ? `sharpest of ${group.length}` : 'alike')
  return [alike, choosing?.blurred.has(id) && 'blurred'].filter(Boolean).join(', ') || undefined
}

/** All photos of the piece in order, packed in rows, with the days between them. */
export function LightTable() {
  const { piece, stored, photos, handle, chosen: selected, selection } = useRoom()
  const notice = useNotice()
  const { edit } = handle
  const check = useQuery({
    queryKey: ['check', piece.id, handle.open?.revision],
    queryFn: () => data(client.GET('/api/pieces/{id}/check', { params: { path: { id: piece.id } } })),
    placeholderData: (before) => before,
  })
  const scroller = useRef<HTMLElement>(null)
  const [width, setWidth] = useState(0)
  const { from, to } = useStretch(scroller, 'down')
  const { chosen, choose, forget } = selected
  const moved = useRef<string | null>(null)
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
  useEffect(() => {
    // A browser takes the focus from what is moved in the page; the next key press must find it there.
    if (moved.current && document.activeElement === document.body) {
      document.querySelector<HTMLElement>(`[data-drop="table:${moved.current}"]`)?.focus()
    }
    moved.current = null
  }, [piece.entries])
  const { all, height } = useMemo(
    () =>
      packed(
        groupsOf(shownOf(photos, shown, choosing)).map(({ title, short, photos: items }) => ({ title, short, items })),
        { ...SIZES, width },
      ),
    [photos, shown, choosing, width],
  )

  const uses = usesOf(piece)
  const waiting = waitingIn(piece).length
  const sharpness = new Map(check.data?.sharpness.map((one) => [one.entryId, one]))
  const order = (next: TrayPhoto[]) => void edit({ kind: 'orderEntries', entryIds: next.map(({ entryId }) => entryId) })
  /** Moves these, or one, to a place among the rest. */
  const place = (entryIds: string[], where: (now: number, rest: string[]) => number) => {
    moved.current = entryIds[0] ?? null
    void edit(({ stored }) => {
      const ids = stored.entries.map(({ id }) => id)
      const going = ids.filter((id) => entryIds.includes(id))
      const rest = ids.filter((id) => !entryIds.includes(id))
      const at = where(ids.indexOf(going[0] ?? ''), rest)
      return at < 0 || at > rest.length
        ? null
        : { kind: 'orderEntries', entryIds: [...rest.slice(0, at), ...going, ...rest.slice(at)] }
    })
  }
  const takeOut = async (entryIds: string[]) => {
    const first = photos.find(({ entryId }) => entryId === entryIds[0])
    const pages = [...new Set(entryIds.flatMap((id) => uses.get(id) ?? []))]
    const problem = await edit({ kind: 'removeEntries', entryIds })
    if (problem) return
    forget()
    const what = entryIds.length === 1 ? `${first?.fileName} is` : `${entryIds.length} photos are`
    const one = entryIds.length === 1
    const it = one ? 'It was' : 'They were'
    const frames = one ? 'its frame is empty now' : 'their frames are empty now'
    const left = stored.album ? 'flowed pages have closed up' : frames
    const where = pages.length === 0 ? `${it} not used.` : `${it} on page ${pages.join(', ')}; ${left}.`
    notice(`${what} taken out. ${where}`, { action: { name: 'Undo', run: handle.undo } })
  }
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
          <Button onClick={() => void takeOut([...chosen])}>
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
        <ul className="relative" style={{ height }}>
          {width > 0 &&
            all
              .filter((one) => one.top + one.height + SIZES.words >= from && one.top <= to)
              .map((one) => (
                <TablePhoto
                  key={one.item.entryId}
                  place={one}
                  dayRoom={SIZES.day}
                  chosen={chosen.has(one.item.entryId)}
                  onChoose={(how) => choose(one.item.entryId, how === 'alone' && selection.several ? 'more' : how)}
                  uses={uses.get(one.item.entryId) ?? []}
                  sharpness={sharpness.get(one.item.entryId)}
                  onDropped={(other) => {
                    const going = chosen.has(other) ? [...chosen] : [other]
                    const target = piece.entries.findIndex(({ id }) => id === one.item.entryId)
                    const source = piece.entries.findIndex(({ id }) => id === other)
                    place(going, (_, rest) => rest.indexOf(one.item.entryId) + (source < target ? 1 : 0))
                  }}
                  mark={markOf(one.item, choosing)}
                  onAside={() =>
                    void edit({
                      kind: 'setAside',
                      entryIds: chosen.has(one.item.entryId) && chosen.size > 1 ? [...chosen] : [one.item.entryId],
                      aside: !one.item.aside,
                    })
                  }
                  onStep={(by) => place([one.item.entryId], (now) => now + by)}
                  onTakeOut={() =>
                    void takeOut(chosen.has(one.item.entryId) && chosen.size > 1 ? [...chosen] : [one.item.entryId])
                  }
                />
              ))}
        </ul>
      </main>
    </>
  )
}
