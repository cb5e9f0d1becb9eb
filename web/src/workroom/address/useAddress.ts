import { type Dispatch, useCallback, useEffect, useRef } from 'react'
import { NavigationType, useLocation, useNavigate, useNavigationType, useParams } from 'react-router'
import { readView, type View, writeView } from '../view/view'
import type { Piece } from '../piece/model'
import type { Selection, SelectionAction } from '../piece/selection'
import { type Station, stationOf } from './stations'

/** More frames than these are not told: an address has to stay short. */
const MOST_TOLD = 20

export interface Address {
  pieceId: string
  station: Station
  goTo: (station: Station) => void
}

/** The piece and the station as the address tells them. */
export function useStation(): Address {
  const { pieceId = '', station } = useParams()
  const navigate = useNavigate()
  const now = stationOf(station)
  const goTo = useCallback(
    (next: Station) => {
      // As the address is now, which may be ahead of what is drawn.
      if (next !== now) void navigate({ pathname: `/pieces/${pieceId}/${next}`, search: window.location.search })
    },
    [navigate, now, pieceId],
  )
  return { pieceId, station: now, goTo }
}

interface Seen {
  piece: Piece | undefined
  selection: Selection
  select: Dispatch<SelectionAction>
  view: View | null
  setView: (view: View | null) => void
}

/**
 * Keeps page, selection and zoom in the address: another page is a step of the browser's history, the rest replaces it. Going back,
 * forward or reloading takes them from there.
 */
export function useSeenInAddress({ piece, selection, select, view, setView }: Seen) {
  const { search, key } = useLocation()
  const navigate = useNavigate()
  const way = useNavigationType()
  const arrived = useRef<string | null>(null)
  const reading = useRef(false)
  const page = useRef<string | undefined>(undefined)
  const pages = piece?.pages
  const loaded = pages !== undefined
  const { pageId, frameIds } = selection

  useEffect(() => {
    if (!pages || way !== NavigationType.Pop || arrived.current === key) return
    arrived.current = key
    const told = new URLSearchParams(search)
    const toldPage = pages[Math.max(1, Math.min(pages.length, Number(told.get('page')) || 1)) - 1]
    if (!toldPage) return
    page.current = toldPage.id
    reading.current = true
    select({ kind: 'frames', pageId: toldPage.id, frameIds: told.get('on')?.split(',') ?? [] })
    setView(readView(told.get('zoom')))
  }, [key, pages, search, select, setView, way])

  useEffect(() => {
    if (!loaded || !pages) return
    // What was just arrived at is read first, and is not written over by what was seen before.
    const isRead = reading.current
    reading.current = false
    if (isRead || (way === NavigationType.Pop && arrived.current !== key)) return
    const index = Math.max(
      0,
      pages.findIndex(({ id }) => id === pageId),
    )
    const told = new URLSearchParams()
    if (index > 0) told.set('page', String(index + 1))
    if (frameIds.length > 0 && frameIds.length <= MOST_TOLD) told.set('on', frameIds.join())
    if (view) told.set('zoom', writeView(view))
    const next = told.size > 0 ? `?${told.toString().replaceAll('%2C', ',')}` : ''
    const turned = page.current !== undefined && pageId !== undefined && page.current !== pageId
    page.current = pageId ?? page.current
    if (next !== search) void navigate({ pathname: window.location.pathname, search: next }, { replace: !turned })
    // The search is what is written here; that it changed is no reason to write it again.
  }, [loaded, pageId, frameIds, view, pages, way, key]) // eslint-disable-line react-hooks/exhaustive-deps
}
