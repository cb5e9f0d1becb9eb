import { useCallback, useSyncExternalStore } from 'react'

/** Whether a media query holds. */
export function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (listen: () => void) => {
      const media = window.matchMedia(query)
      media.addEventListener('change', listen)
      return () => media.removeEventListener('change', listen)
    },
    [query],
  )
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches)
}
