import { useCallback, useRef } from 'react'

/** Changes that follow each other within this time are one step of the history. */
const BURST_MS = 700

/** Names the step of the history that a change belongs to: the last one's, if it was just now. */
export function useBurst(): () => string {
  const burst = useRef({ batch: '', last: -Infinity })
  return useCallback(() => {
    const now = performance.now()
    if (now - burst.current.last > BURST_MS) burst.current.batch = crypto.randomUUID()
    burst.current.last = now
    return burst.current.batch
  }, [])
}
