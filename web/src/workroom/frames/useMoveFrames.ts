import type { PointerEvent as ReactPointerEvent } from 'react'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoomNow } from '../context'
import { moveOf, type Spot } from '../piece/model'
import { groupOf } from '../piece/selection'
import { drafts } from './drafts'
import { followPointer } from './pointerDrag'
import { distances, snapMove, surroundings } from './snap'
import { around, boundsOf, movedBy, spotsOf } from './spots'

export const SNAP_PX = 6

/** Drags frames that lie freely: all that are selected, or the one under the pointer and its group. */
export function useMoveFrames(scale: BenchScale) {
  const room = useRoomNow()
  return (down: ReactPointerEvent, frameId: string) => {
    const { page, scene, selection, select, handle } = room()
    if (down.button !== 0 || !scene) return
    const group = groupOf(page, frameId)
    if (down.shiftKey) {
      select({ kind: 'toggle', pageId: page.id, frameIds: group })
      return
    }
    const { several } = selection
    const wasHeld = selection.frameIds.includes(frameId)
    const held = wasHeld ? selection.frameIds : several ? [...selection.frameIds, ...group] : group
    if (held !== selection.frameIds) select({ kind: 'frames', pageId: page.id, frameIds: held })
    const moving = page.frames.filter(
      ({ id, spot, across, locked }) => held.includes(id) && (spot ?? across) && !locked,
    )
    const before = spotsOf(moving, scene)
    if (before.length === 0) return
    const box = around(before.map(({ spot }) => boundsOf(spot)))
    const place = surroundings(scene, page, held)
    let now: { frameId: string; spot: Spot }[] = before
    followPointer(down, {
      move: (px, py, event) => {
        let dx = px / scale.pixelsPerMm
        let dy = py / scale.pixelsPerMm
        if (event.shiftKey) [dx, dy] = Math.abs(dx) > Math.abs(dy) ? [dx, 0] : [0, dy]
        const at = { ...box, x: box.x + dx, y: box.y + dy }
        const snap = event.altKey ? { dx: 0, dy: 0, lines: [] } : snapMove(at, place, SNAP_PX / scale.pixelsPerMm)
        now = before.map(({ frameId: id, spot }) => ({ frameId: id, spot: movedBy(spot, dx + snap.dx, dy + snap.dy) }))
        const set = { ...at, x: at.x + snap.dx, y: at.y + snap.dy }
        drafts.show(now, false, { lines: snap.lines, distances: distances(set, place) })
      },
      end: () => {
        drafts.settle()
        void handle
          .edit({ kind: 'moveItems', pageId: page.id, moves: now.map(({ frameId: id, spot }) => moveOf(id, spot)) })
          .then((problem) => problem && drafts.clear())
      },
      tap: () => {
        if (!several) select({ kind: 'frames', pageId: page.id, frameIds: group })
        else if (wasHeld) select({ kind: 'toggle', pageId: page.id, frameIds: group })
      },
      cancel: () => drafts.clear(),
    })
  }
}
