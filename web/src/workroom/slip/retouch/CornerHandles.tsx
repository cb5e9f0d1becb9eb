import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import type { Spot } from './useBrush'

const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left']
const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
const STEP = 0.005

const within = (share: number) => Math.min(1, Math.max(0, share))

interface Props {
  /** Whose corners they are, if there are several things. */
  of?: string
  corners: Spot[]
  onMove: (corners: Spot[]) => void
}

/** Four corners over a picture that fills its box, to be moved by hand or by arrows. */
export function CornerHandles({ of, corners, onMove }: Props) {
  const [held, setHeld] = useState<number>()
  const move = (index: number, x: number, y: number) =>
    onMove(corners.map((one, i) => (i === index ? { x: within(x), y: within(y) } : one)))
  const drag = (event: PointerEvent, index: number) => {
    const box = event.currentTarget.parentElement?.getBoundingClientRect()
    if (held === index && box)
      move(index, (event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height)
  }
  const key = (event: KeyboardEvent, index: number) => {
    const way = WAYS[event.key]
    const from = corners[index]
    if (!way || !from) return
    const step = STEP * (event.shiftKey ? 10 : event.altKey ? 0.2 : 1)
    move(index, from.x + way[0] * step, from.y + way[1] * step)
    event.preventDefault()
    event.stopPropagation()
  }
  return (
    <>
      <svg
        aria-hidden
        viewBox="0 0 1 1"
        preserveAspectRatio="none"
        className="pointer-events-none absolute inset-0 size-full"
      >
        {['#fffdf8', '#2f4b7c'].map((colour, index) => (
          <polygon
            key={colour}
            points={corners.map(({ x, y }) => `${x},${y}`).join(' ')}
            fill="none"
            stroke={colour}
            strokeWidth={4 - 2 * index}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      {corners.map(({ x, y }, index) => (
        <button
          key={NAMES[index]}
          type="button"
          aria-label={`${NAMES[index]} corner${of ? ` of ${of}` : ''}, ${Math.round(100 * x)} % across and ${Math.round(100 * y)} % down`}
          className="absolute size-8 -translate-1/2 cursor-move rounded-full border-2 border-woad bg-paper/15 before:absolute before:inset-y-1 before:left-1/2 before:w-px before:bg-woad after:absolute after:inset-x-1 after:top-1/2 after:h-px after:bg-woad focus-visible:outline-2 focus-visible:outline-woad"
          style={{ left: `${100 * x}%`, top: `${100 * y}%` }}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId)
            setHeld(index)
          }}
          onPointerMove={(event) => drag(event, index)}
          onPointerUp={() => setHeld(undefined)}
          onPointerCancel={() => setHeld(undefined)}
          onKeyDown={(event) => key(event, index)}
        />
      ))}
    </>
  )
}
