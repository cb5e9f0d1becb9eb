import { type RefObject, useEffect, useRef } from 'react'
import type { PageScene } from '../../api/client'
import { isOnBench, isTyping } from '../../fields/typing'
import { useRoom } from '../context'
import type { BenchScale } from '../bench/useBenchScale'
import { movedView, type View, within, zoomedAt } from './view'

const WHEEL = 0.0022
const STEP = 1.25
/** Beyond this a second finger is a pinch and not a tremble. */
const LINE_PX = 16

interface Fingers {
  distance: number
  x: number
  y: number
}

/** The view as it is, also while all of the page is fitted. */
const seen = (scale: BenchScale): View => ({
  pixelsPerMm: scale.pixelsPerMm,
  x: (scale.width / 2 - scale.left) / scale.pixelsPerMm,
  y: (scale.height / 2 - scale.top) / scale.pixelsPerMm,
})

/** Zooming and moving the page: wheel (with Ctrl it zooms), two fingers, the middle button, and keys. */
export function useViewGestures(
  bench: RefObject<HTMLElement | null>,
  scale: BenchScale | null,
  scene: PageScene | undefined,
) {
  const { view, setView, selection } = useRoom()
  const latest = useRef({ scale, scene, view, cropping: selection.cropping })
  useEffect(() => {
    latest.current = { scale, scene, view, cropping: selection.cropping }
  })

  useEffect(() => {
    const element = bench.current
    if (!element) return
    const fromMiddle = (x: number, y: number): [number, number] => {
      const box = element.getBoundingClientRect()
      return [x - box.left - box.width / 2, y - box.top - box.height / 2]
    }
    /** Several events may come between two renderings: each goes on from the one before. */
    let going: View | null = null
    const change = (next: (now: View) => View) => {
      const { scale: now, scene: page } = latest.current
      if (!now || !page) return
      going = next(going ?? seen(now))
      setView(going)
      requestAnimationFrame(() => (going = null))
    }
    const moved = (dx: number, dy: number) => {
      const page = latest.current.scene
      if (page) change((now) => movedView(now, dx, dy, page))
    }
    const wheel = (event: WheelEvent) => {
      if (event.ctrlKey || event.metaKey) {
        event.preventDefault()
        const [dx, dy] = fromMiddle(event.clientX, event.clientY)
        const lines = event.deltaMode === 1 ? LINE_PX : 1
        change((now) => zoomedAt(now, now.pixelsPerMm * Math.exp(-event.deltaY * lines * WHEEL), dx, dy))
      } else if (latest.current.view && !latest.current.cropping) {
        event.preventDefault()
        if (event.shiftKey && !event.deltaX) moved(-event.deltaY, 0)
        else moved(-event.deltaX, -event.deltaY)
      }
    }
    let fingers: Fingers | null = null
    const read = ({ touches }: TouchEvent): Fingers | null => {
      const [one, two] = [touches[0], touches[1]]
      return one && two
        ? {
            distance: Math.hypot(one.clientX - two.clientX, one.clientY - two.clientY),
            x: (one.clientX + two.clientX) / 2,
            y: (one.clientY + two.clientY) / 2,
          }
        : null
    }
    const touch = (event: TouchEvent) => {
      const now = latest.current.cropping ? null : read(event)
      const before = fingers
      fingers = now
      if (!now || !before) return
      event.preventDefault()
      const page = latest.current.scene
      if (!page) return
      const [dx, dy] = fromMiddle(now.x, now.y)
      change((view) =>
        movedView(
          zoomedAt(view, view.pixelsPerMm * (now.distance / Math.max(1, before.distance)), dx, dy),
          now.x - before.x,
          now.y - before.y,
          page,
        ),
      )
    }
    const lift = (event: TouchEvent) => (fingers = read(event))
    const press = (down: PointerEvent) => {
      if (down.button !== 1) return
      down.preventDefault()
      let [x, y] = [down.clientX, down.clientY]
      const move = (event: PointerEvent) => {
        moved(event.clientX - x, event.clientY - y)
        ;[x, y] = [event.clientX, event.clientY]
      }
      const up = () => {
        window.removeEventListener('pointermove', move)
        window.removeEventListener('pointerup', up)
      }
      window.addEventListener('pointermove', move)
      window.addEventListener('pointerup', up)
    }
    const keys = (event: KeyboardEvent) => {
      if (isTyping(event.target) || !isOnBench(event.target) || event.altKey || event.ctrlKey || event.metaKey) return
      if (event.defaultPrevented) return
      const by = event.key === 'z' || event.key === '+' ? STEP : event.key === 'Z' || event.key === '-' ? 1 / STEP : 0
      if (by) change((now) => ({ ...now, pixelsPerMm: within(now.pixelsPerMm * by) }))
      else if (event.key === '0') setView(null)
      else return
      event.preventDefault()
    }
    element.addEventListener('wheel', wheel, { passive: false })
    element.addEventListener('touchstart', touch, { passive: false })
    element.addEventListener('touchmove', touch, { passive: false })
    element.addEventListener('touchend', lift)
    element.addEventListener('pointerdown', press)
    window.addEventListener('keydown', keys)
    return () => {
      element.removeEventListener('wheel', wheel)
      element.removeEventListener('touchstart', touch)
      element.removeEventListener('touchmove', touch)
      element.removeEventListener('touchend', lift)
      element.removeEventListener('pointerdown', press)
      window.removeEventListener('keydown', keys)
    }
  }, [bench, setView])
}
