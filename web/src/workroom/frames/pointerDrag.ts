import { swallowClick } from '../../drag/swallowClick'

/** Follows one pointer from press to release. */
export interface Follow {
  move: (dx: number, dy: number, event: PointerEvent) => void
  /** Let go after it moved. */
  end: (event: PointerEvent) => void
  /** Let go where it was pressed. */
  tap?: (event: PointerEvent) => void
  /** Escape, or the browser took the pointer away. */
  cancel: () => void
}

const THRESHOLD_PX = 4

/** Calls back with the way moved in screen pixels, at most once for each picture that the screen shows. */
export function followPointer(down: { pointerId: number; clientX: number; clientY: number }, follow: Follow) {
  let moved = false
  let latest: PointerEvent | null = null
  let frame = 0
  const step = () => {
    frame = 0
    if (latest) follow.move(latest.clientX - down.clientX, latest.clientY - down.clientY, latest)
    latest = null
  }
  const move = (event: PointerEvent) => {
    if (event.pointerId !== down.pointerId) return
    if (!moved && Math.hypot(event.clientX - down.clientX, event.clientY - down.clientY) < THRESHOLD_PX) return
    moved = true
    latest = event
    frame ||= requestAnimationFrame(step)
  }
  const unmarked = (event: Event) => event.preventDefault()
  const stop = () => {
    cancelAnimationFrame(frame)
    window.removeEventListener('pointermove', move)
    window.removeEventListener('pointerup', up)
    window.removeEventListener('pointercancel', cancel)
    window.removeEventListener('keydown', escape, true)
    window.removeEventListener('selectstart', unmarked)
  }
  const up = (event: PointerEvent) => {
    if (event.pointerId !== down.pointerId) return
    if (latest) step()
    stop()
    if (moved) {
      swallowClick()
      follow.end(event)
    } else follow.tap?.(event)
  }
  const cancel = () => {
    stop()
    follow.cancel()
  }
  const escape = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return
    event.stopPropagation()
    cancel()
  }
  window.addEventListener('pointermove', move)
  window.addEventListener('pointerup', up)
  window.addEventListener('pointercancel', cancel)
  window.addEventListener('keydown', escape, true)
  window.addEventListener('selectstart', unmarked)
}
