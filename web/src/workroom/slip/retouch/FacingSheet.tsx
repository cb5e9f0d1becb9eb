import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { OneOf } from '../../../fields/OneOf'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import type { Spot } from './useBrush'
import { useFramePhoto } from './useFramePhoto'
import { WorkSheet } from './WorkSheet'

const FIRST: Spot[] = [
  { x: 0.2, y: 0.2 },
  { x: 0.8, y: 0.2 },
  { x: 0.8, y: 0.8 },
  { x: 0.2, y: 0.8 },
]
const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left']
const SEEN = { THING: 'Just this', WHOLE: 'With the rest' } as const
const WAYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
const STEP = 0.005

const within = (share: number) => Math.min(1, Math.max(0, share))

/** Four corners of a flat thing that was taken at a slant: it is then seen as from straight before it. */
export function FacingSheet({ frame, onClose }: { frame: Frame; onClose: () => void }) {
  const { handle } = useRoom()
  const { photo, retouched, whole, frameOf } = useFramePhoto(frame)
  const plane = retouched?.plane
  const [corners, setCorners] = useState<Spot[]>(plane?.corners ?? FIRST)
  const [seen, setSeen] = useState<keyof typeof SEEN>(plane?.whole ? 'WHOLE' : 'THING')
  const [held, setHeld] = useState<number>()
  if (!photo) return null
  const move = (index: number, to: Spot) =>
    setCorners((before) => before.map((one, i) => (i === index ? { x: within(to.x), y: within(to.y) } : one)))
  const face = async () => {
    const problem = await handle.edit({ kind: 'facePlane', ...frameOf, corners, whole: seen === 'WHOLE' })
    if (!problem) onClose()
  }
  const drag = (event: PointerEvent, index: number) => {
    const box = event.currentTarget.parentElement?.getBoundingClientRect()
    if (held !== index || !box) return
    move(index, { x: (event.clientX - box.left) / box.width, y: (event.clientY - box.top) / box.height })
  }
  const key = (event: KeyboardEvent, index: number) => {
    const way = WAYS[event.key]
    const from = corners[index]
    if (!way || !from) return
    const step = STEP * (event.shiftKey ? 10 : event.altKey ? 0.2 : 1)
    move(index, { x: from.x + way[0] * step, y: from.y + way[1] * step })
    event.preventDefault()
    event.stopPropagation()
  }
  const tools = (
    <>
      <p className="text-[13px] leading-4 text-soft">
        Put the four corners on those of the thing: a picture on a wall, a letter on a table, a front of a house. Arrows
        move a corner that has the focus.
      </p>
      <OneOf label="What is seen" options={SEEN} value={seen} onChange={setSeen} />
      {plane && (
        <Button onClick={() => void handle.edit({ kind: 'endPlane', ...frameOf }).then(onClose)}>
          As it was taken
        </Button>
      )}
    </>
  )
  return (
    <WorkSheet
      name="Face a slanted thing"
      title={`Face a thing in ${photo.fileName}`}
      onClose={onClose}
      finish={{ name: 'Face it', onFinish: () => void face() }}
      tools={tools}
    >
      <div
        className="relative touch-none select-none"
        style={{
          aspectRatio: photo.width / photo.height,
          width: `min(100cqw, ${photo.width / photo.height} * 100cqh)`,
        }}
      >
        <img alt={photo.fileName} src={whole} draggable={false} className="size-full" />
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
            aria-label={`${NAMES[index]} corner, ${Math.round(100 * x)} % across and ${Math.round(100 * y)} % down`}
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
      </div>
    </WorkSheet>
  )
}
