import { useSyncExternalStore } from 'react'

let seen: number | undefined
const listeners = new Set<() => void>()

/** Screen pixels for each millimetre at which the bench shows its page; told by the bench, for whoever says it. */
export function tellSeenScale(pixelsPerMm: number | undefined) {
  if (seen === pixelsPerMm) return
  seen = pixelsPerMm
  listeners.forEach((listen) => listen())
}

const subscribe = (listen: () => void) => {
  listeners.add(listen)
  return () => void listeners.delete(listen)
}

export const useSeenScale = () => useSyncExternalStore(subscribe, () => seen)
