import { useGesture } from '@use-gesture/react'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import { type Crop, type FrameScene, largePicture } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { placePhoto, pushed, turnedBy, zoomed } from '../piece/cropMath'
import { boundsAround } from '../frames/spots'
import { cropEdit } from '../useCrop'
import { captionPlace } from '../words/captionPlace'
import type { BenchScale } from './useBenchScale'

const WHEEL_ZOOM = 0.0015
const KEY_MM: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** Cropping on the bench: the whole photo shows faintly around its window; drag, wheel, pinch or keys move it. */
export function CropLayer({ scene, scale }: { scene: FrameScene; scale: BenchScale }) {
  const { page, piece, handle, select } = useRoom()
  const stored = scene.photo
  const [draft, setDraft] = useState<Crop | null>(null)
  const layer = useRef<HTMLDivElement>(null)
  const latest = useRef<Crop | null>(null)
  const timer = useRef<number | undefined>(undefined)
  const crop = draft ?? stored?.crop

  useEffect(() => layer.current?.focus(), [])

  const commit = () => {
    window.clearTimeout(timer.current)
    const next = latest.current
    if (!next) return Promise.resolve(null)
    latest.current = null
    return handle.edit(cropEdit(page.id, scene.frameId, next)).then((problem) => {
      if (!latest.current) setDraft(null)
      return problem
    })
  }
  const leave = useRef(() => {})
  useEffect(() => {
    leave.current = () => void commit()
  })
  // A frame that leaves the screen takes what was not stored yet with it, stored.
  useEffect(() => () => leave.current(), [])
  const show = (next: Crop) => {
    latest.current = next
    setDraft(next)
  }
  /** Wheel and keys come in bursts: one burst is one step of the history. */
  const showSoon = (next: Crop) => {
    show(next)
    window.clearTimeout(timer.current)
    timer.current = window.setTimeout(() => void commit(), 400)
  }
  const now = () => latest.current ?? draft ?? stored?.crop

  /** A way on the page in the axes of the turned frame. */
  const inFrame = (dx: number, dy: number): [number, number] => {
    const turn = (scene.turnDegrees * Math.PI) / 180
    return [dx * Math.cos(turn) + dy * Math.sin(turn), dy * Math.cos(turn) - dx * Math.sin(turn)]
  }

  const bind = useGesture(
    {
      onDrag: ({ delta: [dx, dy], last, pinching, cancel }) => {
        const from = now()
        if (pinching) return cancel()
        if (!stored || !from) return
        const [along, aside] = inFrame(dx / scale.pixelsPerMm, dy / scale.pixelsPerMm)
        show(pushed(stored.widthPx, stored.heightPx, scene.window, from, along, aside))
        if (last) void commit()
      },
      onPinch: ({ offset: [factor], memo, last, first }) => {
        const from = first ? { zoom: now()?.zoom ?? 1, factor } : (memo as { zoom: number; factor: number })
        const crop = now()
        if (!crop) return from
        show(zoomed({ ...crop, zoom: from.zoom }, factor / from.factor))
        if (last) void commit()
        return from
      },
      onWheel: ({ delta: [, dy], ctrlKey }) => {
        const from = now()
        if (from && !ctrlKey) showSoon(zoomed(from, Math.exp(-dy * WHEEL_ZOOM)))
      },
    },
    { drag: { filterTaps: false }, pinch: { eventOptions: { passive: false } } },
  )

  if (!stored || !crop) return null
  const { window: box } = scene
  const { matrix, crop: kept } = placePhoto(stored.widthPx, stored.heightPx, box, crop)
  const s = scale.pixelsPerMm
  const [a, b, c, d, e, f] = matrix
  // A picture of 1000 × 1000 CSS pixels stands for the unit square.
  const transform = `matrix(${(a * s) / 1000}, ${(b * s) / 1000}, ${(c * s) / 1000}, ${(d * s) / 1000}, ${e * s}, ${f * s})`
  const inWindow = `matrix(${(a * s) / 1000}, ${(b * s) / 1000}, ${(c * s) / 1000}, ${(d * s) / 1000}, ${(e - box.x) * s}, ${(f - box.y) * s})`
  const place = { left: box.x * s, top: box.y * s, width: box.width * s, height: box.height * s }
  const picture = 'pointer-events-none absolute top-0 left-0 size-[1000px] max-w-none origin-top-left'

  const end = () =>
    void commit().then(() => {
      select({ kind: 'crop', on: false })
      // The frame has the keys again.
      document.querySelector<HTMLElement>(`[data-frame="${scene.frameId}"]`)?.focus()
    })
  const keys = (event: KeyboardEvent) => {
    const arrow = KEY_MM[event.key]
    const from = now()
    if (!from) return
    if (event.key === 'Enter' || event.key === 'Escape') end()
    else if (arrow) {
      const mm = event.shiftKey ? 10 : event.altKey ? 0.1 : 1
      showSoon(pushed(stored.widthPx, stored.heightPx, box, from, arrow[0] * mm, arrow[1] * mm))
    } else if (event.key === '+' || event.key === '=') showSoon(zoomed(from, 1.05))
    else if (event.key === '-') showSoon(zoomed(from, 1 / 1.05))
    else if (event.key === '[') showSoon(turnedBy(from, -1))
    else if (event.key === ']') showSoon(turnedBy(from, 1))
    else return
    event.preventDefault()
    event.stopPropagation()
  }

  const bounds = boundsAround(box, scene.turnDegrees)
  // Below the photo's words, if it has some there: they are read while it is cropped.
  const words = scene.words?.lines.length ? captionPlace(scene, piece.styles.captions) : box
  const foot = Math.max(bounds.y + bounds.height, words.y + words.height)
  return (
    <>
      <div
        className="absolute inset-0 z-20"
        style={
          scene.turnDegrees
            ? {
                transform: `rotate(${scene.turnDegrees}deg)`,
                transformOrigin: `${(scene.box.x + scene.box.width / 2) * s}px ${(scene.box.y + scene.box.height / 2) * s}px`,
              }
            : undefined
        }
      >
        <img alt="" src={largePicture(stored.photo)} className={`${picture} opacity-35`} style={{ transform }} />
        <div
          {...bind()}
          ref={layer}
          tabIndex={0}
          role="application"
          aria-label={`Cropping: zoom ${Math.round(kept.zoom * 100)} percent, turned ${kept.turnDegrees} degrees. Arrows move the photo, plus and minus zoom, square brackets turn, Enter ends.`}
          onKeyDown={keys}
          data-testid="crop"
          className="absolute cursor-grab touch-none overflow-hidden outline-2 outline-woad active:cursor-grabbing"
          style={place}
        >
          <img
            alt=""
            src={largePicture(stored.photo)}
            className={picture}
            style={{ transform: inWindow }}
            draggable={false}
          />
          <svg
            aria-hidden
            className="pointer-events-none absolute inset-0 size-full"
            viewBox="0 0 3 3"
            preserveAspectRatio="none"
          >
            <path
              d="M1 0V3M2 0V3M0 1H3M0 2H3"
              stroke="#22293a"
              strokeOpacity="0.5"
              strokeWidth="3"
              vectorEffect="non-scaling-stroke"
            />
            <path d="M1 0V3M2 0V3M0 1H3M0 2H3" stroke="#fffdf8" strokeWidth="1" vectorEffect="non-scaling-stroke" />
          </svg>
        </div>
      </div>
      <div
        className="absolute z-20 flex justify-center"
        style={{ left: bounds.x * s, top: foot * s + 8, width: bounds.width * s }}
      >
        <Button look="primary" onClick={end}>
          Done
        </Button>
      </div>
    </>
  )
}
