import { type Dispatch, useEffect } from 'react'
import { isOnBench, isTyping } from '../fields/typing'
import { type Station, STATIONS } from './address/stations'
import type { Piece } from './piece/model'
import type { Selection, SelectionAction } from './piece/selection'

interface Doings {
  piece: Piece | undefined
  pageId: string | undefined
  undo: () => void
  redo: () => void
  goTo: (station: Station) => void
  selection: Selection
  select: Dispatch<SelectionAction>
  showKeys: () => void
  showOverview: () => void
}

/** From the slip to the bench, the tray and the run, and round again. */
const PLACES = ['slip', 'bench', 'tray', 'run']
/** What of a place has the focus first. */
const FIRST = ['[aria-current]', '[data-frame][aria-pressed="true"]', '[data-frame]', 'button:not(:disabled)']

function goRound(by: number) {
  const places = PLACES.flatMap((name) => document.querySelector<HTMLElement>(`[data-place="${name}"]`) ?? [])
  const now = places.findIndex((place) => place.contains(document.activeElement))
  // What lies above the bench lies between the slip and it.
  const from = now < 0 ? (by > 0 ? 0 : 1) : now
  const next = places[(from + by + places.length) % places.length]
  const first = FIRST.flatMap((selector) => next?.querySelector<HTMLElement>(selector) ?? [])[0]
  ;(first ?? next)?.focus()
}

/** The keys that work anywhere in the workroom: history, stations, pages, going round its places, and the list of keys. */
export function useRoomKeys({ piece, pageId, undo, redo, goTo, selection, select, showKeys, showOverview }: Doings) {
  const { drawing } = selection
  useEffect(() => {
    const turn = (by: number) => {
      const index = piece?.pages.findIndex(({ id }) => id === pageId) ?? -1
      const next = piece?.pages[index + by]
      if (next) select({ kind: 'page', pageId: next.id })
    }
    const keys = (event: KeyboardEvent) => {
      const letter = event.key.toLowerCase()
      const station = STATIONS[Number(event.key) - 1]
      const typing = isTyping(event.target)
      if (event.key === 'F6') goRound(event.shiftKey ? -1 : 1)
      else if ((event.ctrlKey || event.metaKey) && !typing) {
        if (letter === 'z' && !event.shiftKey) undo()
        else if (letter === 'z' || letter === 'y') redo()
        else return
      } else if (event.key === 'Escape' && drawing) select({ kind: 'draw', on: false })
      else if (typing || event.altKey || event.ctrlKey || event.metaKey) return
      else if (event.key === 'PageUp') turn(-1)
      else if (event.key === 'PageDown') turn(1)
      else if (!isOnBench(event.target)) return
      else if (station) goTo(station.station)
      else if (event.key === '?') showKeys()
      else if (letter === 'o') showOverview()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', keys)
    return () => window.removeEventListener('keydown', keys)
  }, [piece, pageId, undo, redo, goTo, drawing, select, showKeys, showOverview])
}
