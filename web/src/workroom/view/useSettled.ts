import { useEffect, useState } from 'react'

const STILL_MS = 150

/** A value as it was when it last stood still. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), STILL_MS)
    return () => window.clearTimeout(timer)
  }, [value])
  return settled ?? value
}
