import type { Frame, Page } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { gapOf } from '../arrangement'
import { alike } from '../borders'
import { useRoom } from '../context'
import { around, boundsOf, movedBy, spotsOf } from './spots'
import { useSpots } from './useSpots'

/** Frames that were copied, with the places that they had; kept while the window is open, for other pages and pieces. */
let copied: Frame[] = []

const idsOf = (frames: Frame[]) => frames.map(({ id }) => id)

/** What can be done to the selected frames by key or button. */
export function useFrameDoings() {
  const { piece, page, scene, frames, handle, select } = useRoom()
  const changeSpots = useSpots()
  const notice = useNotice()
  const ids = idsOf(frames)

  const free = (list: Frame[]): Frame[] =>
    scene
      ? spotsOf(list, scene).flatMap(({ frameId, spot }) => {
          const frame = list.find(({ id }) => id === frameId)
          return frame ? [{ ...frame, spot: { ...spot, locked: false } }] : []
        })
      : []

  /** Adds frames and takes hold of them. */
  const add = async (list: Frame[]) => {
    const before = new Set(idsOf(page.frames))
    const problem = await handle.edit({ kind: 'addFrames', pageId: page.id, frames: list })
    if (problem) return
    const now: Page | undefined = handle.latest()?.stored.pages.find(({ id }) => id === page.id)
    if (now) select({ kind: 'frames', pageId: page.id, frameIds: idsOf(now.frames).filter((id) => !before.has(id)) })
  }
  const copy = () => {
    if (frames.length === 0) return
    copied = free(frames)
    const one = copied.length === 1
    notice(
      `${one ? 'A frame is' : `${copied.length} frames are`} copied. Ctrl V puts ${one ? 'it' : 'them'} in the same place.`,
    )
  }
  const freeGroup = () => 1 + Math.max(0, ...page.frames.map(({ spot }) => spot?.group ?? 0))
  return {
    copy,
    add,
    cut: () => {
      if (frames.length === 0) return
      copy()
      void handle.edit({ kind: 'removeFrames', pageId: page.id, frameIds: ids })
    },
    paste: async () => {
      if (copied.length === 0) return notice('Nothing is copied yet. Select frames and press Ctrl C.')
      const group = freeGroup()
      await add(copied.map((frame) => (frame.spot?.group ? { ...frame, spot: { ...frame.spot, group } } : frame)))
    },
    /** A copy beside all selected, at the page's gap: to the right, below where the page ends, else a little aside. */
    duplicate: async () => {
      const list = free(frames)
      const boxes = list.flatMap(({ spot }) => (spot ? [boundsOf(spot)] : []))
      if (boxes.length === 0) return
      const all = around(boxes)
      const gap = gapOf(page.arrangement) / 1000
      const right = all.x + 2 * all.width + gap <= (scene?.widthMm ?? 0)
      // The words below the frames are kept in sight.
      const words = Math.max(0, ...(scene?.frames ?? []).map(({ cell, outer }) => cell.height - outer.height))
      const down = all.height + words + gap
      const below = all.y + all.height + down <= (scene?.heightMm ?? 0)
      const [dx, dy] = right ? [all.width + gap, 0] : below ? [0, down] : [gap, gap]
      const group = freeGroup()
      await add(
        list.map((frame) => {
          const spot = frame.spot && movedBy(frame.spot, dx, dy)
          return { ...frame, spot: spot && { ...spot, group: spot.group ? group : 0 } }
        }),
      )
    },
    remove: () => {
      if (ids.length === 0) return
      void handle.edit({ kind: 'removeFrames', pageId: page.id, frameIds: ids }).then((problem) => {
        if (problem) return
        notice(`${ids.length === 1 ? 'The frame is' : `${ids.length} frames are`} gone; photos are in the drawer.`, {
          action: { name: 'Undo', run: handle.undo },
        })
      })
    },
    group: () => {
      const group = freeGroup()
      if (ids.length > 1) void changeSpots(ids, (spot) => ({ ...spot, group }))
    },
    ungroup: () => void changeSpots(ids, (spot) => ({ ...spot, group: 0 })),
    toggleLock: () => {
      const locked = frames.some(({ spot }) => spot?.locked)
      if (ids.length) void changeSpots(ids, (spot) => ({ ...spot, locked: !locked }))
    },
    /** Out of the arrangement, or back into it if all are out. */
    toggleTaken: () => {
      const out = frames.filter(({ spot }) => !spot)
      if (out.length) void changeSpots(idsOf(out), (spot) => spot)
      else if (ids.length && page.arrangement.kind !== 'free')
        void handle.edit({ kind: 'giveBackFrames', pageId: page.id, frameIds: ids })
    },
    /** Pins the selected photos to their frames, or lets them go if all are pinned. */
    togglePin: () => {
      const filled = frames.filter(({ photo }) => photo)
      const pinned = !filled.every(({ marks }) => marks?.pinned)
      if (filled.length) void handle.edit({ kind: 'pinPhotos', pageId: page.id, frameIds: idsOf(filled), pinned })
    },
    /** All frames with the border of the one that the ticket speaks of. */
    selectAlike: () => {
      const like = frames.at(-1)
      if (!like) return
      const found = alike(page.frames, like, piece.dress)
      select({ kind: 'frames', pageId: page.id, frameIds: idsOf([...found.filter((one) => one !== like), like]) })
      notice(`${found.length} of ${page.frames.length} frames have this border.`)
    },
    selectAll: () => select({ kind: 'frames', pageId: page.id, frameIds: idsOf(page.frames) }),
  }
}
