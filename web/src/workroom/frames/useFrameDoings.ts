import { useMemo } from 'react'
import type { Entry, FrameItem, Item, ItemChange } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { gapOf } from '../piece/arrangement'
import { type Room, useRoomNow } from '../context'
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

const PLAIN: Item['look'] = { opacity: 1, blend: 'NORMAL', hidden: false, locked: false }

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

type Notice = ReturnType<typeof useNotice>
type ChangeSpots = ReturnType<typeof useSpots>

/** What can be done to the selected frames by key or button. */
export function useFrameDoings() {
  const room = useRoomNow()
  const changeSpots = useSpots()
  const notice = useNotice()
  return useMemo(() => doingsIn(room, changeSpots, notice), [room, changeSpots, notice])
}

function doingsIn(room: () => Room, changeSpots: ChangeSpots, notice: Notice) {
  /** The selected frames with their places as their own, moved by so many millimetres. */
  const free = (dx = 0, dy = 0) => {
    const { scene, frames } = room()
    if (!scene) return []
    return spotsOf(frames, scene).flatMap(({ frameId, spot }) => {
      const frame = frames.find(({ id }) => id === frameId)
      return frame ? [{ frame, item: placed(frame.item, movedBy(spot, dx, dy)) }] : []
    })
  }
  const selected = () => idsOf(room().frames)
  const send = (kind: 'removeItems' | 'groupItems' | 'ungroupItems' | 'giveBackItems') =>
    room().handle.edit({ kind, pageId: room().page.id, itemIds: selected() })
  const patch = (change: ItemChange, itemIds = selected()) => {
    const { handle, page } = room()
    if (itemIds.length) void handle.edit({ kind: 'patchItems', pageId: page.id, itemIds, change })
  }
  const choose = (frameIds: string[]) => room().select({ kind: 'frames', pageId: room().page.id, frameIds })

  /** Adds items and takes hold of their frames. */
  const add = async (items: Item[], entries: Entry[] = []) => {
    const { page, handle, select } = room()
    const pageId = page.id
    const before = new Set(idsOf(page.frames))
    const problem = await handle.edit({ kind: 'addItems', pageId, items, entries })
    if (problem) return
    const now = handle.latest()?.page(pageId)
    if (now) select({ kind: 'frames', pageId, frameIds: idsOf(now.frames).filter((id) => !before.has(id)) })
  }
  const copy = () => {
    const { frames, stored } = room()
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
      if (selected().length === 0) return
      copy()
      void send('removeItems')
    },
    paste: async () => {
      if (copied.items.length === 0) return notice('Nothing is copied yet. Select frames and press Ctrl C.')
      await add(copied.items, copied.entries)
    },
    /** A copy beside all selected, at the page's gap: to the right, below where the page ends, else a little aside. */
    duplicate: async () => {
      const { scene, frames, page } = room()
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
      const { handle } = room()
      const { length } = selected()
      if (length === 0) return
      void send('removeItems').then((problem) => {
        if (problem) return
        notice(`${length === 1 ? 'The frame is' : `${length} frames are`} gone; photos wait in the tray.`, {
          action: { name: 'Undo', run: handle.undo },
        })
      })
    },
    group: () => {
      if (selected().length > 1) void send('groupItems')
    },
    ungroup: () => {
      if (selected().length) void send('ungroupItems')
    },
    toggleLock: () => patch({ kind: 'setLocked', locked: !room().frames.some(({ locked }) => locked) }),
    toggleHidden: (frame: Frame) => patch({ kind: 'setHidden', hidden: !frame.hidden }, [frame.id]),
    /** Out of the arrangement, or back into it if all are out. */
    toggleTaken: () => {
      const { frames, page } = room()
      const out = frames.filter(({ spot }) => !spot)
      if (out.length) void changeSpots(idsOf(out), (spot) => spot)
      else if (frames.length && page.arrangement.kind !== 'byHand') void send('giveBackItems')
    },
    /** One photo through the selected frames, or through one and those that show one already; windows are let go. */
    toggleWindow: () => {
      const { frames, page, handle } = room()
      const isWindow = ({ item }: Frame) => item.fill.kind === 'through'
      const chosen = frames.filter(({ forPhotos }) => forPhotos)
      const frameIds = idsOf(chosen)
      if (frameIds.length === 0) return
      if (chosen.every(isWindow)) return void handle.edit({ kind: 'letGo', pageId: page.id, frameIds })
      const other = chosen.length === 1 && page.frames.find(isWindow)
      void handle.edit({ kind: 'showThrough', pageId: page.id, frameIds: other ? [...frameIds, other.id] : frameIds })
    },
    /** Pins the selected photos to their frames, or lets them go if all are pinned. */
    togglePin: () => {
      const filled = room().frames.filter(({ entry }) => entry)
      patch({ kind: 'setPinned', pinned: !filled.every(({ marks }) => marks.pinned) }, idsOf(filled))
    },
    /** All frames that look like the one that the slip speaks of. */
    selectAlike: () => {
      const { frames, page, stored } = room()
      const like = frames.at(-1)
      if (!like) return
      const found = alike(page.frames, like, stored.styles)
      choose(idsOf([...found.filter((one) => one !== like), like]))
      notice(`${found.length} of ${page.frames.length} frames have this border.`)
    },
    selectAll: () => choose(idsOf(room().page.frames)),
  }
}
