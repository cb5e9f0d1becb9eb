import type { PointerEvent as ReactPointerEvent } from 'react'
import type { FrameScene } from '../../api/client'
import { saySize } from '../../measure/units'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoom } from '../context'
import { type Frame, moveOf, type Spot } from '../piece/model'
import { drafts, type Marks, useDraft } from './drafts'
import { followPointer } from './pointerDrag'
import { distances, sameSizes, snapEdge, type Surroundings, surroundings } from './snap'
import { boundsOf, boxOf, drawn, type Handle, pointOf, spotOf, turnedTo } from './spots'
import { SNAP_PX } from './useMoveFrames'

const SIDES = [-1, 0, 1] as const
const HANDLES: Handle[] = SIDES.flatMap((y) => SIDES.map((x) => ({ x, y }))).filter(({ x, y }) => x || y)
const CURSORS = ['ew-resize', 'nwse-resize', 'ns-resize', 'nesw-resize']
/** Quarters and eighths of a turn hold within so many degrees. */
const HOLD_DEGREES = 2
const STEP_DEGREES = 45

/** Handles of the one selected frame that lies freely: corners keep its proportion, sides change one measure, the hook turns it. */
export function FrameHandles({ frame, scene, scale }: { frame: Frame; scene: FrameScene; scale: BenchScale }) {
  const { piece, page, scene: pageScene, handle, selection } = useRoom()
  const draft = useDraft(frame.id)
  const spot = draft?.spot ?? spotOf(frame, scene)
  if (!pageScene || frame.locked) return null
  const moving = draft && !draft.shape
  const s = scale.pixelsPerMm
  const box = boxOf(spot)
  const { format } = piece
  const { pivot } = selection

  const follow = (down: ReactPointerEvent, change: (dx: number, dy: number, free: boolean) => [Spot, Marks]) => {
    if (down.button !== 0) return
    down.stopPropagation()
    let now = spot
    followPointer(down, {
      move: (px, py, event) => {
        const [next, marks] = change(px / s, py / s, event.altKey)
        now = next
        drafts.show([{ frameId: frame.id, spot: next }], true, marks)
      },
      end: () => {
        drafts.settle()
        void handle
          .edit({ kind: 'moveItems', pageId: page.id, moves: [moveOf(frame.id, now)] })
          .then((problem) => problem && drafts.clear())
      },
      cancel: () => drafts.clear(),
    })
  }
  const size = (down: ReactPointerEvent, by: Handle) => {
    const place = surroundings(pageScene, page, [frame.id])
    follow(down, (dx, dy, free) => {
      const loose = drawn(spot, by, dx, dy)
      const [next, lines] = free ? [loose, []] : snapped(loose, spot, by, dx, dy, place, SNAP_PX / s)
      const bounds = boundsOf(next)
      const said = {
        text: saySize(next.width, next.height, format),
        x: bounds.x + bounds.width / 2,
        y: bounds.y + bounds.height / 2,
      }
      const like = [true, false].flatMap((across) =>
        (across ? by.x : by.y) && !next.turnDegrees ? sameSizes(bounds, place, across) : [],
      )
      return [next, { lines, distances: [...distances(bounds, place), ...like], said }]
    })
  }
  const turn = (down: ReactPointerEvent) => {
    const about = pointOf(spot, pivot)
    const page = down.currentTarget.closest('[data-testid="page"]')?.getBoundingClientRect()
    if (!page) return
    const angle = (x: number, y: number) => (Math.atan2(y - about.y, x - about.x) * 180) / Math.PI
    const at = { x: ((down.clientX - page.left) / s) * 1000, y: ((down.clientY - page.top) / s) * 1000 }
    const start = angle(at.x, at.y)
    follow(down, (dx, dy, free) => {
      const raw = spot.turnDegrees + angle(at.x + dx * 1000, at.y + dy * 1000) - start
      const held = Math.round(raw / STEP_DEGREES) * STEP_DEGREES
      const degrees = !free && Math.abs(raw - held) < HOLD_DEGREES ? held : Math.round(raw * 10) / 10
      const next = turnedTo(spot, degrees, pivot)
      const bounds = boundsOf(next)
      const said = { text: `${next.turnDegrees}°`, x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 }
      return [next, { lines: [], distances: [], said }]
    })
  }
  return (
    <div
      className="pointer-events-none absolute z-20 outline-2 outline-offset-2 outline-woad"
      style={{
        left: box.x * s,
        top: box.y * s,
        width: box.width * s,
        height: box.height * s,
        transform: `rotate(${spot.turnDegrees}deg)`,
      }}
    >
      {!moving && (
        <>
          {HANDLES.map((by) => {
            const corner = by.x !== 0 && by.y !== 0
            const eighth = Math.round(Math.atan2(by.y, by.x) / (Math.PI / 4) + spot.turnDegrees / 45 + 8) % 4
            return (
              <span
                key={`${by.x} ${by.y}`}
                data-handle={`${by.x} ${by.y}`}
                onPointerDown={(event) => size(event, by)}
                className="pointer-events-auto absolute flex size-5 -translate-1/2 touch-none items-center justify-center"
                style={{ left: `${50 + by.x * 50}%`, top: `${50 + by.y * 50}%`, cursor: CURSORS[eighth] }}
              >
                <span
                  className={`border border-woad bg-paper ${corner ? 'size-2.5' : by.x ? 'h-3 w-1.5' : 'h-1.5 w-3'}`}
                />
              </span>
            )
          })}
          <HangingHook turn={turn} degrees={spot.turnDegrees} />
        </>
      )}
      {(pivot.x !== 0.5 || pivot.y !== 0.5) && (
        <span
          aria-hidden
          className="absolute size-2 -translate-1/2 rounded-full bg-woad"
          style={{ left: `${pivot.x * 100}%`, top: `${pivot.y * 100}%` }}
        />
      )}
    </div>
  )
}

/** The hook on its wire, as on the back of a frame: the frame is turned by it. */
function HangingHook({ turn, degrees }: { turn: (down: ReactPointerEvent) => void; degrees: number }) {
  return (
    <>
      <svg aria-hidden className="absolute -top-7 left-1/2 h-7 w-12 -translate-x-1/2 text-woad" viewBox="0 0 48 28">
        <path d="M2 26L24 6L46 26" fill="none" stroke="currentColor" />
      </svg>
      <span
        data-handle="turn"
        title={`Turn it by its hook; now ${degrees}°`}
        onPointerDown={turn}
        className="pointer-events-auto absolute -top-8 left-1/2 flex size-6 -translate-x-1/2 cursor-grab touch-none items-center justify-center"
      >
        <span className="size-3.5 rounded-full border-2 border-woad bg-paper" />
      </span>
    </>
  )
}

/** The drawn spot with its moving edges set to what lies near; turned frames are not set, their edges run askew. */
function snapped(loose: Spot, start: Spot, by: Handle, dx: number, dy: number, place: Surroundings, reach: number) {
  if (start.turnDegrees !== 0) return [loose, []] as const
  const box = boxOf(loose)
  const across = by.x ? snapEdge(box, by.x, true, place, reach) : { by: 0, lines: [] }
  const down = by.y ? snapEdge(box, by.y, false, place, reach) : { by: 0, lines: [] }
  if (by.x && by.y) {
    // A corner keeps the proportion, so only one edge can be set: the one that has less far to go.
    const first = across.lines.length && (!down.lines.length || Math.abs(across.by) <= Math.abs(down.by))
    const wanted = first ? (box.width + by.x * across.by) / box.width : (box.height + by.y * down.by) / box.height
    const width = (loose.width / 1000) * wanted
    const height = (loose.height / 1000) * wanted
    const next = drawn(start, by, by.x * (width - start.width / 1000), by.y * (height - start.height / 1000))
    return [next, first ? across.lines : down.lines] as const
  }
  return [drawn(start, by, dx + across.by, dy + down.by), [...across.lines, ...down.lines]] as const
}
