import { useQuery } from '@tanstack/react-query'
import { Copy, Images } from 'lucide-react'
import { useMemo, useState } from 'react'
import { client, data, type PageSummary, pagePicture, type PieceView, wordsOf } from '../../api/client'
import { useChosen } from '../../light-table/useChosen'
import { isReadable } from '../../shelf/ShelfPiece'
import { Button } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { OverBench } from '../OverBench'
import { runPicture } from '../run/runPicture'

const COVER_PX = 56
const PAGE_PX = 150

/** The longer side so many pixels long. */
const within = (side: number, { width, height }: { width: number; height: number }) => {
  const scale = side / Math.max(width, height)
  return { width: Math.round(width * scale), height: Math.round(height * scale) }
}

/** Pages of another piece, or only the photos on them, for this one. */
export function TakeOver({ onClose }: { onClose: () => void }) {
  const { piece } = useRoom()
  const [from, setFrom] = useState<string>()
  const shelf = useQuery({ queryKey: ['shelf'], queryFn: () => data(client.GET('/api/pieces')) })
  const others = (shelf.data ?? []).filter(isReadable).filter(({ id }) => id !== piece.id)
  const other = useQuery({
    queryKey: ['piece to take from', from],
    queryFn: () => data(client.GET('/api/pieces/{id}', { params: { path: { id: from ?? '' } } })),
    enabled: from !== undefined,
  })
  const problem = shelf.error ?? other.error
  return (
    <OverBench title="From another piece" onClose={onClose}>
      <div className="flex h-full min-h-0 gap-5">
        <ul aria-label="Other pieces" className="w-64 shrink-0 overflow-y-auto border-r border-line pr-3">
          {others.map(({ id, name, format, coverPage, coverLook, pages, photos }) => (
            <li key={id}>
              <button
                type="button"
                aria-pressed={id === from}
                className={`flex w-full items-center gap-3 px-1 py-1.5 text-left ${id === from ? 'bg-woad text-paper' : 'hover:bg-paper'}`}
                onClick={() => setFrom(id)}
              >
                <span className="flex size-14 shrink-0 items-center justify-center">
                  <img alt="" src={pagePicture(id, coverPage, coverLook, 112)} style={within(COVER_PX, format)} />
                </span>
                <span className="min-w-0">
                  <span className="block truncate font-semibold">{name}</span>
                  <span className="block text-[13px] leading-4">
                    {pages === 1 ? '1 page' : `${pages} pages`}, {photos === 1 ? '1 photo' : `${photos} photos`}
                  </span>
                </span>
              </button>
            </li>
          ))}
        </ul>
        <div className="min-w-0 flex-1">
          {problem && <p role="alert">{wordsOf(problem)}</p>}
          {!from && !problem && (
            <p className="text-soft">
              {shelf.data && others.length === 0
                ? 'There is no other piece on the shelf yet.'
                : 'Choose a piece at the left; then choose of its pages.'}
            </p>
          )}
          {from && other.isPending && <p role="status">Reading the piece …</p>}
          {other.data && <PagesToTake key={other.data.id} other={other.data} onClose={onClose} />}
        </div>
      </div>
    </OverBench>
  )
}

function PagesToTake({ other, onClose }: { other: PieceView; onClose: () => void }) {
  const { piece, page, handle, select, station, goTo } = useRoom()
  const notice = useNotice()
  const [busy, setBusy] = useState(false)
  const order = useMemo(() => other.pages.map(({ id }) => id), [other.pages])
  const { chosen, choose } = useChosen(order)
  const pages = other.pages.filter(({ id }) => chosen.has(id))
  const there = new Set(piece.entries.map(({ photo }) => photo))
  const photosOf = (some: PageSummary[]) => {
    const shown = new Set(some.flatMap(({ entries }) => entries))
    const photos = other.entries.filter(({ id }) => shown.has(id)).map(({ photo }) => photo)
    return [...new Set(photos)].filter((photo) => !there.has(photo))
  }
  const all = pages.length === 0
  const photos = all
    ? [...new Set(other.entries.map(({ photo }) => photo))].filter((photo) => !there.has(photo))
    : photosOf(pages)
  const after = piece.pages.findIndex(({ id }) => id === page.id) + 1
  const takePages = async () => {
    setBusy(true)
    try {
      const read = await Promise.all(
        pages.map(({ id: pageId }) =>
          data(client.GET('/api/pieces/{id}/pages/{pageId}', { params: { path: { id: other.id, pageId } } })),
        ),
      )
      const { styles, format } = other.head
      const problem = await handle.edit({
        kind: 'takePages',
        pages: read.map((one) => one.page),
        entries: other.entries,
        styles,
        format,
        afterPageId: page.id,
      })
      if (problem) return
      const first = handle.latest()?.piece.pages[after]
      if (first) select({ kind: 'page', pageId: first.id })
      onClose()
      if (station === 'gather') goTo('arrange')
    } catch (problem) {
      notice(wordsOf(problem), { tone: 'wrong' })
    } finally {
      setBusy(false)
    }
  }
  const bringPhotos = async () => {
    if (await handle.edit({ kind: 'addPhotos', photos })) return
    notice(photos.length === 1 ? 'The photo waits in the tray.' : `${photos.length} photos wait in the tray.`)
    onClose()
  }
  const size = within(PAGE_PX, other.head.format)
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap items-center gap-2 pb-3">
        <Button look="primary" disabled={pages.length === 0 || busy} onClick={() => void takePages()}>
          <Copy size={16} />
          {pages.length > 1 ? `Take the ${pages.length} pages` : 'Take the page'}, after page {after}
        </Button>
        <Button disabled={photos.length === 0} onClick={() => void bringPhotos()}>
          <Images size={16} />
          {photos.length === 1 ? 'Only its 1 photo' : `Only ${all ? 'all' : 'their'} ${photos.length} photos`}
        </Button>
        <span role="status" className="text-soft">
          {pages.length === 0
            ? 'Press pages to choose them, with Shift all up to one.'
            : photos.length === 0
              ? 'Their photos are in this piece already.'
              : ''}
        </span>
      </div>
      <ol
        aria-label={`Pages of ${other.head.name}`}
        className="flex min-h-0 flex-1 flex-wrap content-start gap-4 overflow-y-auto p-1"
      >
        {other.pages.map((one, index) => (
          <li key={one.id}>
            <button
              type="button"
              aria-label={`Page ${index + 1}`}
              aria-pressed={chosen.has(one.id)}
              disabled={one.damaged !== undefined}
              onClick={(event) => choose(one.id, event.shiftKey ? 'through' : 'more')}
              className={`block bg-paper ${chosen.has(one.id) ? 'outline-3 outline-woad' : 'outline-1 outline-line hover:outline-woad'}`}
            >
              <img alt="" loading="lazy" src={runPicture(other.id, one, size)} style={size} />
            </button>
            <span className="block pt-1 text-center text-[13px] leading-4 text-soft">{index + 1}</span>
          </li>
        ))}
      </ol>
    </div>
  )
}
