import { useSyncExternalStore } from 'react'
import type { PageSummary } from '../../api/client'

const KEPT = 'wovenset.facing'
const listeners = new Set<() => void>()

const subscribe = (listen: () => void) => {
  listeners.add(listen)
  return () => void listeners.delete(listen)
}

/** Whether the page that faces the one on the bench lies beside it. */
export function useFacing(): [boolean, () => void] {
  const on = useSyncExternalStore(subscribe, () => localStorage.getItem(KEPT) === 'yes')
  const turn = () => {
    localStorage.setItem(KEPT, on ? 'no' : 'yes')
    listeners.forEach((listen) => listen())
  }
  return [on, turn]
}

/** The page that a page faces, and on which side of it that one lies; the first page faces none. */
export function facingOf(
  pages: PageSummary[],
  pageId: string,
): { page: PageSummary; side: 'left' | 'right' } | undefined {
  const index = pages.findIndex(({ id }) => id === pageId)
  const isLeft = index % 2 === 1
  const page = index > 0 ? pages[isLeft ? index + 1 : index - 1] : undefined
  return page && { page, side: isLeft ? 'right' : 'left' }
}
