import { type PointerEvent as ReactPointerEvent, useState } from 'react'
import type { Box, FrameItem } from '../../api/client'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoom } from '../context'
import { groupOf } from '../piece/selection'
import { usualStyle } from '../piece/styles'
import { followPointer } from './pointerDrag'
import { snapEdge, surroundings } from './snap'
import { boundsOf, spotsOf } from './spots'
import { useFrameDoings } from './useFrameDoings'
import { SNAP_PX } from './useMoveFrames'

const LEAST_MM = 4

/** A frame that shows nothing yet, in this place. */
export const emptyFrame = (box: Box, style: string): FrameItem => ({
  kind: 'frame',
  id: crypto.randomUUID(),
  placement: {
    kind: 'free',
    box: {
      x: Math.round(box.x * 1000),
      y: Math.round(box.y * 1000),
      width: Math.round(box.width * 1000),
      height: Math.round(box.height * 1000),
    },
    turnDegrees: 0,
  },
  look: { opacity: 1, blend: 'NORMAL', hidden: false, locked: false },
  style: { style, differences: [] },
  outline: { kind: 'rect' },
  fill: { kind: 'empty' },
  words: { kind: 'ofEntry' },
  marks: { larger: false, keepWhole: false, turn: 'ANY', together: 0, pinned: false },
})

/** A drag on the page beside the frames: it draws a frame, or takes hold of all frames that it touches. */
export function usePageDrag(scale: BenchScale | null) {
  const { page, stored, scene, selection, select } = useRoom()
  const { add } = useFrameDoings()
  const [band, setBand] = useState<Box | null>(null)

  const start = (down: ReactPointerEvent<HTMLElement>, pageElement: HTMLElement) => {
    if (down.button !== 0 || !scale || !scene) return
    const s = scale.pixelsPerMm
    const rect = pageElement.getBoundingClientRect()
    const from = { x: (down.clientX - rect.left) / s, y: (down.clientY - rect.top) / s }
    const drawing = selection.drawing
    const kept = down.shiftKey ? selection.frameIds : []
    const place = surroundings(scene, page, [])
    const boxes = spotsOf(page.frames, scene).map(({ frameId, spot }) => ({ frameId, box: boundsOf(spot) }))
    let box: Box | null = null
    followPointer(down, {
      move: (px, py, event) => {
        const [dx, dy] = [px / s, py / s]
        // A frame that is drawn with Shift has its middle where the drag began.
        const centred = drawing && event.shiftKey
        const [left, top] = centred ? [from.x - dx, from.y - dy] : [from.x, from.y]
        box = {
          x: Math.min(left, from.x + dx),
          y: Math.min(top, from.y + dy),
          width: Math.abs(from.x + dx - left),
          height: Math.abs(from.y + dy - top),
        }
        if (drawing && !centred && !event.altKey) box = set(box, dx, dy, place, SNAP_PX / s)
        setBand(box)
      },
      end: () => {
        setBand(null)
        if (!box) return
        const drawn = box
        if (drawing) {
          select({ kind: 'draw', on: false })
          if (drawn.width >= LEAST_MM && drawn.height >= LEAST_MM)
            void add([emptyFrame(drawn, usualStyle(stored.styles).id)])
          return
        }
        const touched = boxes.filter((one) => meets(one.box, drawn)).flatMap(({ frameId }) => groupOf(page, frameId))
        select({ kind: 'frames', pageId: page.id, frameIds: [...new Set([...kept, ...touched])] })
      },
      tap: () => select(drawing ? { kind: 'draw', on: false } : { kind: 'none' }),
      cancel: () => setBand(null),
    })
  }
  return { band, start }
}

const meets = (a: Box, b: Box) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

/** The drawn box with the corners set to what lies near. */
function set(box: Box, dx: number, dy: number, place: ReturnType<typeof surroundings>, reach: number): Box {
  const right = snapEdge(box, dx < 0 ? -1 : 1, true, place, reach).by
  const bottom = snapEdge(box, dy < 0 ? -1 : 1, false, place, reach).by
  return {
    x: dx < 0 ? box.x + right : box.x,
    y: dy < 0 ? box.y + bottom : box.y,
    width: box.width + (dx < 0 ? -right : right),
    height: box.height + (dy < 0 ? -bottom : bottom),
  }
}
