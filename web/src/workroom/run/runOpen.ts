import { useSyncExternalStore } from 'react'

const KEPT = 'wovenset.run'
const listeners = new Set<() => void>()

const subscribe = (listen: () => void) => {
  listeners.add(listen)
  return () => void listeners.delete(listen)
}

/** Whether the run is open: as the person left it, else wherever there is more than one page. */
export function useRunOpen(pages: number): [boolean, () => void] {
  const chosen = useSyncExternalStore(subscribe, () => localStorage.getItem(KEPT))
  const open = chosen === 'open' || (chosen !== 'closed' && pages > 1)
  const turn = () => {
    localStorage.setItem(KEPT, open ? 'closed' : 'open')
    listeners.forEach((listen) => listen())
  }
  return [open, turn]
}
