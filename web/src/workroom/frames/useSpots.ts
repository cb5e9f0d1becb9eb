import { useCallback } from 'react'
import { useRoomNow } from '../context'
import { type Frame, moveOf, type Spot } from '../piece/model'
import { useBurst } from '../useBurst'
import { spotsOf } from './spots'

export type SpotChange = (spot: Spot, frame: Frame) => Spot

/**
 * Changes the places of frames, worked out from the places as the changes before have left them. Frames that the arrangement
 * places are taken out of it.
 * With inBurst, changes that come fast are one step.
 */
export function useSpots() {
  const room = useRoomNow()
  const burst = useBurst()
  return useCallback(
    (frameIds: string[], change: SpotChange, inBurst = false) => {
      const { page, handle } = room()
      return handle.edit(
        (now) => {
          const current = now.page(page.id)
          const scene = now.scene(page.id)
          if (!current || !scene) return null
          const frames = current.frames.filter(({ id }) => frameIds.includes(id))
          const moves = spotsOf(frames, scene).map(({ frameId, spot }) => {
            const frame = frames.find(({ id }) => id === frameId)
            return moveOf(frameId, frame ? change(spot, frame) : spot)
          })
          return moves.length ? { kind: 'moveItems', pageId: page.id, moves } : null
        },
        { batch: inBurst ? burst() : undefined },
      )
    },
    [burst, room],
  )
}
