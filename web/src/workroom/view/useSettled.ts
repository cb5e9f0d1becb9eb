import { useEffect, useState } from 'react'

const STILL_MS = 150

/** A number as it was when it last stood still. */
export function useSettled(value: number | undefined): number | undefined {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(value), STILL_MS)
    return () => window.clearTimeout(timer)
  }, [value])
  return settled ?? value
}
