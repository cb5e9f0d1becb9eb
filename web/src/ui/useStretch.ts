import { type RefObject, useEffect, useState } from 'react'

/** What of a long row or column is in sight, in pixels from its start, and as much again on both sides. */
export function useStretch(scroller: RefObject<HTMLElement | null>, way: 'across' | 'down', ready = true) {
  const [stretch, setStretch] = useState({ from: 0, to: 1200 })
  useEffect(() => {
    const element = scroller.current
    if (!element || !ready) return
    const look = () => {
      const [at, size] =
        way === 'across' ? [element.scrollLeft, element.clientWidth] : [element.scrollTop, element.clientHeight]
      const room = Math.max(400, size)
      // Told in steps, so that not each pixel of scrolling is a rendering.
      const step = room / 8
      const from = Math.floor((at - room) / step) * step
      const to = Math.ceil((at + size + room) / step) * step
      setStretch((before) => (before.from === from && before.to === to ? before : { from, to }))
    }
    look()
    const observer = new ResizeObserver(look)
    observer.observe(element)
    element.addEventListener('scroll', look, { passive: true })
    return () => {
      observer.disconnect()
      element.removeEventListener('scroll', look)
    }
  }, [scroller, way, ready])
  return stretch
}
