import { useRef, useState } from 'react'

/** What somebody asks for, part by part. A length may be taken just before it is used: what counts then is `latest`, not what was drawn. */
export function useWish<T extends object>(start: T) {
  const [wish, setWish] = useState(start)
  const latest = useRef(start)
  const change = (part: Partial<T>) => {
    latest.current = { ...latest.current, ...part }
    setWish(latest.current)
  }
  return { wish, change, latest }
}
