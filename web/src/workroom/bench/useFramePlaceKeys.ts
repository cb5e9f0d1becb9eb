import type { KeyboardEvent } from 'react'
import type { FrameScene } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { useRoomNow } from '../context'
import { askFocus, wordsField } from '../../fields/askedFocus'
import { movedBy } from '../frames/spots'
import { useFrameDoings } from '../frames/useFrameDoings'
import { useSpots } from '../frames/useSpots'
import { keepsPlaces, neighbour } from '../piece/arrangement'
import { pushed, turnedBy, zoomed } from '../piece/cropMath'
import type { Frame } from '../piece/model'
import { useCrop } from '../useCrop'

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

/** What keys do while a frame on the bench has the focus. */
export function useFramePlaceKeys(scene: FrameScene, frame: Frame | undefined, index: number) {
  const room = useRoomNow()
  const notice = useNotice()
  const changeCrop = useCrop(scene.frameId)
  const changeSpots = useSpots()
  const { remove } = useFrameDoings()
  return (event: KeyboardEvent) => {
    const { stored, page, scene: pageScene, selection, select, handle } = room()
    const selected = selection.frameIds.includes(scene.frameId)
    const spot = frame?.spot
    const photo = scene.photo
    const arrow = ARROWS[event.key]
    const wayMm = event.shiftKey ? 10 : event.altKey ? 0.1 : 1
    const removes = event.key === 'Delete' || event.key === 'Backspace'
    if (removes && selection.frameIds.length > 1 && selected) remove()
    else if (removes && (frame?.text || frame?.ornament)) {
      void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: scene.frameId })
      notice(frame.ornament ? 'The ornament is gone.' : 'The words are gone.', {
        action: { name: 'Undo', run: handle.undo },
      })
    } else if (removes && !photo && (spot || !keepsPlaces(page.arrangement))) remove()
    else if (removes && photo) {
      void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: scene.frameId })
      const flows = stored.pages.find(({ id }) => id === page.id)?.flow === 'FLOWED' && !spot
      const again = spot || !keepsPlaces(page.arrangement) ? ' Delete again takes the frame away.' : ''
      const left = flows
        ? 'The photo is out of the album, and the page has closed up.'
        : `The frame is empty now; its photo waits in the tray.${again}`
      notice(left, { action: { name: 'Undo', run: handle.undo } })
    } else if ((event.key === 'Enter' && frame?.text) || event.key === 'F2') {
      if (frame?.ornament) askFocus(wordsField(scene.frameId))
      else if (frame?.text || photo) select({ kind: 'write', pageId: page.id, frameId: scene.frameId })
    } else if (event.key === 'Enter' && photo && selected) {
      select({ kind: 'crop', on: true })
    } else if (arrow && (event.ctrlKey || event.metaKey)) {
      const other = neighbour(pageScene?.frames ?? [], index, arrow)
      const beside = other === undefined ? undefined : page.frames[other]
      if (!beside) return
      void handle.edit({
        kind: 'swapFrames',
        pageId: page.id,
        frameId: scene.frameId,
        otherPageId: page.id,
        otherFrameId: beside.id,
      })
      select({ kind: 'frame', pageId: page.id, frameId: beside.id })
      event.currentTarget
        .closest('[data-testid="page"]')
        ?.querySelector<HTMLElement>(`[data-frame="${beside.id}"]`)
        ?.focus()
    } else if (arrow && spot) {
      const ids = selected ? page.frames.filter((one) => selection.frameIds.includes(one.id) && one.spot) : [frame]
      void changeSpots(
        ids.map(({ id }) => id),
        (now, one) => (one.locked ? now : movedBy(now, arrow[0] * wayMm, arrow[1] * wayMm)),
        true,
      )
    } else if (arrow && photo) {
      changeCrop((crop, { widthPx, heightPx }, box) =>
        pushed(widthPx, heightPx, box, crop, arrow[0] * wayMm, arrow[1] * wayMm),
      )
    } else if ((event.key === '+' || event.key === '=') && photo) changeCrop((crop) => zoomed(crop, 1.1))
    else if (event.key === '-' && photo) changeCrop((crop) => zoomed(crop, 1 / 1.1))
    else if (event.key === '[' && photo) changeCrop((crop) => turnedBy(crop, -1))
    else if (event.key === ']' && photo) changeCrop((crop) => turnedBy(crop, 1))
    else if (event.key === 'Escape') select({ kind: 'none' })
    else return
    event.preventDefault()
  }
}
