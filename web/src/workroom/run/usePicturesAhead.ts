import { useEffect, useRef } from 'react'

const IDLE_MS = 1200
const AT_ONCE = 2

const load = (url: string) =>
  new Promise<HTMLImageElement>((resolve) => {
    const image = new Image()
    image.onload = image.onerror = () => resolve(image)
    image.src = url
  })

/**
 * Fetches pictures while nothing else is going on, a few at a time, so that they are there when they come into sight. Whatever changes
 * begins the wait anew; what was fetched is kept.
 *
 * @param urls those wanted soonest first
 */
export function usePicturesAhead(urls: string[]) {
  const kept = useRef(new Map<string, HTMLImageElement>())
  const wanted = urls.join('\n')
  useEffect(() => {
    let going = true
    const left = wanted.split('\n').filter((url) => url && !kept.current.has(url))
    const still = new Set(wanted.split('\n'))
    for (const url of kept.current.keys()) if (!still.has(url)) kept.current.delete(url)
    const next = async () => {
      for (let url = left.shift(); going && url; url = left.shift()) kept.current.set(url, await load(url))
    }
    const timer = setTimeout(() => {
      for (let i = 0; i < AT_ONCE; i++) void next()
    }, IDLE_MS)
    return () => {
      going = false
      clearTimeout(timer)
    }
  }, [wanted])
}
