import type { Entry, FrameItem, Item, ItemChange } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { gapOf } from '../piece/arrangement'
import { useRoom } from '../context'
import type { Frame, Spot } from '../piece/model'
import { alike } from '../piece/styles'
import { around, boundsOf, movedBy, spotsOf } from './spots'
import { useSpots } from './useSpots'

/** Things that were copied, with the places that they had; kept while the window is open, for other pages and pieces. */
let copied: { items: Item[]; entries: Entry[] } = { items: [], entries: [] }

const idsOf = (frames: { id: string }[]) => frames.map(({ id }) => id)

const placed = (frame: FrameItem, { x, y, width, height, turnDegrees }: Spot): FrameItem => ({
  ...frame,
  placement: { kind: 'free', box: { x, y, width, height }, turnDegrees },
  look: { ...frame.look, locked: false },
})

const PLAIN = { opacity: 1, hidden: false, locked: false }

/** Frames as items; those of one group stay together. */
function itemsOf(frames: { frame: Frame; item: FrameItem }[]): Item[] {
  const groups = new Map<string, FrameItem[]>()
  const items: Item[] = []
  for (const { frame, item } of frames) {
    const members = frame.group && groups.get(frame.group)
    if (members) members.push(item)
    else if (frame.group && frames.filter(({ frame: other }) => other.group === frame.group).length > 1) {
      const children = [item]
      groups.set(frame.group, children)
      items.push({ kind: 'group', id: crypto.randomUUID(), look: PLAIN, children })
    } else items.push(item)
  }
  return items
}

/** What can be done to the selected frames by key or button. */
export function useFrameDoings() {
  const { stored, page, scene, frames, handle, select } = useRoom()
  const changeSpots = useSpots()
  const notice = useNotice()
  const ids = idsOf(frames)
  const pageId = page.id

  /** The selected frames with their places as their own, moved by so many millimetres. */
  const free = (dx = 0, dy = 0) =>
    scene
      ? spotsOf(frames, scene).flatMap(({ frameId, spot }) => {
          const frame = frames.find(({ id }) => id === frameId)
          return frame ? [{ frame, item: placed(frame.item, movedBy(spot, dx, dy)) }] : []
        })
      : []

  const patch = (change: ItemChange, itemIds = ids) => {
    if (itemIds.length) void handle.edit({ kind: 'patchItems', pageId, itemIds, change })
  }

  /** Adds items and takes hold of their frames. */
  const add = async (items: Item[], entries: Entry[] = []) => {
    const before = new Set(idsOf(page.frames))
    const problem = await handle.edit({ kind: 'addItems', pageId, items, entries })
    if (problem) return
    const now = handle.latest()?.page(pageId)
    if (now) select({ kind: 'frames', pageId, frameIds: idsOf(now.frames).filter((id) => !before.has(id)) })
  }
  const copy = () => {
    if (frames.length === 0) return
    const shown = new Set(frames.map(({ entry }) => entry))
    copied = { items: itemsOf(free()), entries: stored.entries.filter(({ id }) => shown.has(id)) }
    const one = frames.length === 1
    notice(
      `${one ? 'A frame is' : `${frames.length} frames are`} copied. Ctrl V puts ${one ? 'it' : 'them'} in the same place.`,
    )
  }
  return {
    copy,
    add,
    patch,
    cut: () => {
      if (frames.length === 0) return
      copy()
      void handle.edit({ kind: 'removeItems', pageId, itemIds: ids })
    },
    paste: async () => {
      if (copied.items.length === 0) return notice('Nothing is copied yet. Select frames and press Ctrl C.')
      await add(copied.items, copied.entries)
    },
    /** A copy beside all selected, at the page's gap: to the right, below where the page ends, else a little aside. */
    duplicate: async () => {
      if (!scene) return
      const boxes = spotsOf(frames, scene).map(({ spot }) => boundsOf(spot))
      if (boxes.length === 0) return
      const all = around(boxes)
      const gap = gapOf(page.arrangement) / 1000
      const right = all.x + 2 * all.width + gap <= scene.widthMm
      // The words below the frames are kept in sight.
      const words = Math.max(0, ...scene.frames.map(({ box, bounds }) => bounds.y + bounds.height - box.y - box.height))
      const down = all.height + words + gap
      const below = all.y + all.height + down <= scene.heightMm
      const [dx, dy] = right ? [all.width + gap, 0] : below ? [0, down] : [gap, gap]
      await add(itemsOf(free(dx, dy)))
    },
    remove: () => {
      if (ids.length === 0) return
      void handle.edit({ kind: 'removeItems', pageId, itemIds: ids }).then((problem) => {
        if (problem) return
        notice(`${ids.length === 1 ? 'The frame is' : `${ids.length} frames are`} gone; photos wait in the tray.`, {
          action: { name: 'Undo', run: handle.undo },
        })
      })
    },
    group: () => {
      if (ids.length > 1) void handle.edit({ kind: 'groupItems', pageId, itemIds: ids })
    },
    ungroup: () => {
      if (ids.length) void handle.edit({ kind: 'ungroupItems', pageId, itemIds: ids })
    },
    toggleLock: () => patch({ kind: 'setLocked', locked: !frames.some(({ locked }) => locked) }),
    toggleHidden: (frame: Frame) => patch({ kind: 'setHidden', hidden: !frame.hidden }, [frame.id]),
    /** Out of the arrangement, or back into it if all are out. */
    toggleTaken: () => {
      const out = frames.filter(({ spot }) => !spot)
      if (out.length) void changeSpots(idsOf(out), (spot) => spot)
      else if (ids.length && page.arrangement.kind !== 'byHand')
        void handle.edit({ kind: 'giveBackItems', pageId, itemIds: ids })
    },
    /** Pins the selected photos to their frames, or lets them go if all are pinned. */
    togglePin: () => {
      const filled = frames.filter(({ entry }) => entry)
      patch({ kind: 'setPinned', pinned: !filled.every(({ marks }) => marks.pinned) }, idsOf(filled))
    },
    /** All frames that look like the one that the slip speaks of. */
    selectAlike: () => {
      const like = frames.at(-1)
      if (!like) return
      const found = alike(page.frames, like, stored.styles)
      select({ kind: 'frames', pageId, frameIds: idsOf([...found.filter((one) => one !== like), like]) })
      notice(`${found.length} of ${page.frames.length} frames have this border.`)
    },
    selectAll: () => select({ kind: 'frames', pageId, frameIds: idsOf(page.frames) }),
  }
}
