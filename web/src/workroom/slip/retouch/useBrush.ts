import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'

/** In shares of the photo's width and height. */
export interface Spot {
  x: number
  y: number
}

/** Nearer ones say nothing new. */
const APART = 0.002
const MOST_SPOTS = 1900
const STEP = 0.01
const FAR_STEP = 0.05
const SMALL_STEP = 0.002

const WAYS: Record<string, Spot> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}

const within = (share: number) => Math.min(1, Math.max(0, share))

/**
 * A brush over a picture, led by a pointer or by keys: arrows move it, Enter or the space bar sets it down and lifts it.
 *
 * @param onStroke told each finished stroke
 */
export function useBrush(onStroke: (spots: Spot[]) => void) {
  const [at, setAt] = useState<Spot | null>(null)
  const [stroke, setStroke] = useState<Spot[] | null>(null)
  // What events of one moment have added, before the screen knows it.
  const drawn = useRef<Spot[] | null>(null)
  const begin = (spot: Spot) => {
    drawn.current = [spot]
    setStroke(drawn.current)
  }
  const goOn = (spot: Spot) => {
    const spots = drawn.current
    const last = spots?.at(-1)
    if (!spots || !last || spots.length >= MOST_SPOTS) return
    if (Math.hypot(spot.x - last.x, spot.y - last.y) < APART) return
    drawn.current = [...spots, spot]
    setStroke(drawn.current)
  }
  const end = (take: boolean) => {
    const spots = drawn.current
    drawn.current = null
    setStroke(null)
    if (spots && take) onStroke(spots)
  }
  const spotOf = ({ clientX, clientY, currentTarget }: PointerEvent) => {
    const box = currentTarget.getBoundingClientRect()
    return { x: within((clientX - box.left) / box.width), y: within((clientY - box.top) / box.height) }
  }
  const pointer = {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0 || !event.isPrimary) return
      event.currentTarget.setPointerCapture(event.pointerId)
      setAt(spotOf(event))
      begin(spotOf(event))
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      if (!event.isPrimary) return
      setAt(spotOf(event))
      goOn(spotOf(event))
    },
    onPointerUp: (event: PointerEvent<HTMLElement>) => event.isPrimary && end(true),
    onPointerCancel: () => end(false),
    onPointerLeave: () => !drawn.current && setAt(null),
  }
  const onKeyDown = (event: KeyboardEvent) => {
    const way = WAYS[event.key]
    if (way) {
      const step = event.shiftKey ? FAR_STEP : event.altKey ? SMALL_STEP : STEP
      const from = at ?? { x: 0.5, y: 0.5 }
      const to = at ? { x: within(from.x + way.x * step), y: within(from.y + way.y * step) } : from
      setAt(to)
      goOn(to)
    } else if (event.key === 'Enter' || event.key === ' ') {
      if (drawn.current) end(true)
      else begin(at ?? { x: 0.5, y: 0.5 })
      if (!at) setAt({ x: 0.5, y: 0.5 })
    } else if (event.key === 'Escape' && drawn.current) end(false)
    else return
    event.preventDefault()
    event.stopPropagation()
  }
  return { at, stroke, handlers: { ...pointer, onKeyDown } }
}
