import { BookOpen, Copy, Library, Pin, Trash2 } from 'lucide-react'
import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useChosen } from '../../light-table/useChosen'
import { Choice } from '../../fields/Choice'
import { inputLook } from '../../fields/Field'
import { Button } from '../../ui/Button'
import { useStretch } from '../../ui/useStretch'
import { useRoom } from '../context'
import { OverBench } from '../OverBench'
import { runPicture } from '../run/runPicture'
import { pageSizeIn } from '../run/runSizes'
import { outwards, spreadsOf } from '../run/spreads'
import { usePicturesAhead } from '../run/usePicturesAhead'
import { LeafThrough } from './LeafThrough'
import { OverviewPage } from './OverviewPage'
import { TakeOver } from './TakeOver'
import { beginningsOf } from './beginnings'
import { useFound } from './useFound'

const PAGE_PX = { width: 132, height: 132 }
const GAP_PX = 20
const WORDS_PX = 40
const NUMBERED: Record<string, string> = { '': 'choose …', shown: 'stand on them', none: 'are left out' }

/** All spreads at once: to find pages, to choose several, to move, copy, dress, cover and delete them, to leaf through. */
export function Overview({ onClose }: { onClose: () => void }) {
  const { piece, stored, page, handle, select } = useRoom()
  const [leafing, setLeafing] = useState(false)
  const [taking, setTaking] = useState(false)
  const [text, setText] = useState('')
  const order = useMemo(() => piece.pages.map(({ id }) => id), [piece.pages])
  const { chosen, choose, forget } = useChosen(order)
  const found = useFound(piece.id, text, handle.open?.revision)
  const pageIds = order.filter((id) => chosen.has(id))
  const go = (pageId: string) => {
    select({ kind: 'page', pageId })
    onClose()
  }
  if (taking) return <TakeOver onClose={() => setTaking(false)} />
  return (
    <OverBench title="All pages" onClose={onClose}>
      <div className="flex h-full flex-col">
        <div className="flex flex-wrap items-center gap-2 pb-3">
          <input
            type="search"
            aria-label="Find pages by words, chapters, days or numbers"
            placeholder="Find: words, a chapter, a day, a number"
            className={`${inputLook} max-w-80`}
            value={text}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              const first = found?.values().next().value
              if (event.key === 'Enter' && first !== undefined) go(first)
            }}
          />
          <span role="status" className="min-w-24 text-soft">
            {found ? `${found.size} of ${order.length} pages` : `${order.length} pages`}
          </span>
          {found && found.size > 0 && (
            <Button onClick={() => [...found].filter((id) => !chosen.has(id)).forEach((id) => choose(id, 'more'))}>
              Choose them
            </Button>
          )}
          <Button className="ml-auto" onClick={() => setTaking(true)}>
            <Library size={16} /> From another piece
          </Button>
          <Button onClick={() => setLeafing(true)}>
            <BookOpen size={16} /> Leaf through
          </Button>
        </div>
        {pageIds.length > 0 ? (
          <Doings pageIds={pageIds} onForget={forget} />
        ) : (
          <p className="flex min-h-8 items-center pb-2 text-soft">
            Press a page to choose it, with Shift all up to it; twice to lay it on the bench. Drag chosen pages to their
            place; Alt and an arrow move them, too.
          </p>
        )}
        <Spreads
          found={found}
          chosen={chosen}
          now={page.id}
          onGo={go}
          onChoose={choose}
          onRemove={() => void handle.edit({ kind: 'deletePages', pageIds })}
        />
        {leafing && (
          <LeafThrough
            pieceId={piece.id}
            pages={stored.pages}
            format={stored.format}
            from={page.id}
            onClose={() => setLeafing(false)}
          />
        )}
      </div>
    </OverBench>
  )
}

/** What can be done with the chosen pages. */
function Doings({ pageIds, onForget }: { pageIds: string[]; onForget: () => void }) {
  const { piece, stored, storedPage, handle } = useRoom()
  const count = pageIds.length === 1 ? '1 page' : `${pageIds.length} pages`
  const bench = piece.pages.findIndex(({ id }) => id === storedPage.id) + 1
  const end = piece.pages.length - pageIds.length
  const flowed = pageIds.filter((id) => {
    const flow = piece.pages.find((one) => one.id === id)?.flow
    return flow === 'FLOWED' || flow === 'PINNED'
  })
  const pinned = flowed.every((id) => piece.pages.find((one) => one.id === id)?.flow === 'PINNED')
  const styles = Object.fromEntries(stored.styles.frames.map(({ id, name }) => [id, name]))
  return (
    <div role="group" aria-label="The chosen pages" className="flex flex-wrap items-end gap-2 pb-3">
      <span className="flex h-8 items-center font-semibold">{count}</span>
      <Button disabled={end === 0} onClick={() => void handle.edit({ kind: 'movePages', pageIds, index: 0 })}>
        To the front
      </Button>
      <Button disabled={end === 0} onClick={() => void handle.edit({ kind: 'movePages', pageIds, index: end })}>
        To the end
      </Button>
      <Button onClick={() => void handle.edit({ kind: 'copyPages', pageIds })}>
        <Copy size={15} /> Copy
      </Button>
      <Button
        disabled={end === 0}
        onClick={() => void handle.edit({ kind: 'deletePages', pageIds }).then((wrong) => wrong ?? onForget())}
      >
        <Trash2 size={15} /> Delete
      </Button>
      <Button
        title={`The ground of page ${bench}, which is on the bench`}
        onClick={() => void handle.edit({ kind: 'setGround', pageIds, ground: storedPage.ground })}
      >
        Ground of page {bench}
      </Button>
      {stored.styles.folio && (
        <div className="w-40">
          <Choice
            label="Their page numbers"
            options={NUMBERED}
            value=""
            onChange={(to) => to && void handle.edit({ kind: 'numberPages', pageIds, numbered: to === 'shown' })}
          />
        </div>
      )}
      {flowed.length > 0 && (
        <Button onClick={() => void handle.edit({ kind: 'pinPages', pageIds: flowed, pinned: !pinned })}>
          <Pin size={15} /> {pinned ? 'Let them flow' : 'Pin'}
        </Button>
      )}
      <div className="w-44">
        <Choice
          label="All photos wear"
          options={{ '': 'choose a style …', ...styles }}
          value=""
          onChange={(style) => style && void handle.edit({ kind: 'wearOnPages', pageIds, style })}
        />
      </div>
      <Button look="quiet" onClick={onForget}>
        Choose none
      </Button>
    </div>
  )
}

interface SpreadsProps {
  found: Set<string> | undefined
  chosen: Set<string>
  now: string
  onGo: (pageId: string) => void
  onChoose: ReturnType<typeof useChosen>['choose']
  onRemove: () => void
}

/** Only the rows of spreads in sight are there. */
function Spreads({ found, chosen, now, onGo, onChoose, onRemove }: SpreadsProps) {
  const { piece, stored } = useRoom()
  const scroller = useRef<HTMLDivElement>(null)
  const [width, setWidth] = useState(0)
  const measure = useCallback((element: HTMLDivElement | null) => {
    scroller.current = element
    if (!element) return
    const observer = new ResizeObserver(() => setWidth(element.clientWidth))
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  const { from, to } = useStretch(scroller, 'down', width > 0)
  const { format } = piece
  const scale = Math.min(PAGE_PX.width / format.width, PAGE_PX.height / format.height)
  const across = Math.max(1, Math.floor((width + GAP_PX) / (2 * format.width * scale + GAP_PX)))
  // As many as have room at their least size; what is left over goes to all of them alike.
  const wide = Math.floor((width - (across - 1) * GAP_PX) / across / 2) - 1
  const size = { width: wide, height: Math.round((wide * format.height) / format.width) }
  const inRun = pageSizeIn(format)
  const at = piece.pages.findIndex(({ id }) => id === now)
  usePicturesAhead(
    useMemo(
      () => (wide > 0 ? outwards(piece.pages, at).map((one) => runPicture(piece.id, one, { width: wide })) : []),
      [piece, at, wide],
    ),
  )
  const beginnings = beginningsOf(stored)
  const spreads = spreadsOf(piece.pages.length)
  const step = size.height + WORDS_PX
  const row = Math.floor(
    spreads.findIndex((spread) => spread.some((number) => piece.pages[number]?.id === now)) / across,
  )
  const first = useRef(true)
  useEffect(() => {
    const element = scroller.current
    if (!first.current || width === 0 || !element) return
    first.current = false
    // The page on the bench comes into sight and has the focus first.
    element.scrollTop = row * step
    requestAnimationFrame(() =>
      requestAnimationFrame(() => element.querySelector<HTMLElement>('[aria-current]')?.focus({ preventScroll: true })),
    )
  }, [row, step, width])
  return (
    <div ref={measure} className="-mx-1 min-h-0 flex-1 overflow-y-auto px-1 pt-1">
      <ol aria-label="Spreads" className="relative" style={{ height: Math.ceil(spreads.length / across) * step }}>
        {spreads.map((spread, index) => {
          const top = Math.floor(index / across) * step
          if (width === 0 || top + step < from || top > to) return null
          const left = (index % across) * (2 * size.width + GAP_PX)
          // The first page lies on the right, where its left neighbour is the cover.
          const shift = index === 0 ? size.width : 0
          return (
            <li key={spread[0]} className="absolute flex" style={{ top, left: left + shift }}>
              {spread.map((number) => {
                const one = piece.pages[number]
                return (
                  one && (
                    <OverviewPage
                      key={one.id}
                      pieceId={piece.id}
                      page={one}
                      index={number}
                      size={size}
                      small={runPicture(piece.id, one, inRun)}
                      begins={beginnings.get(one.id)}
                      chosen={chosen.has(one.id) ? [...chosen] : undefined}
                      found={found?.has(one.id)}
                      onBench={one.id === now}
                      onGo={onGo}
                      onChoose={onChoose}
                      onRemove={onRemove}
                    />
                  )
                )
              })}
            </li>
          )
        })}
      </ol>
    </div>
  )
}
