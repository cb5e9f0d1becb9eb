import { useCallback } from 'react'
import type { Frame, Spot } from '../../api/client'
import { useRoom } from '../context'
import { useBurst } from '../useBurst'
import { spotsOf } from './spots'

export type SpotChange = (spot: Spot, frame: Frame) => Spot

/**
 * Changes the places of frames, worked out from the places as the changes before have left them. Frames that the arrangement
 * places are taken out of it.
 * With inBurst, changes that come fast are one step.
 */
export function useSpots() {
  const { page, handle } = useRoom()
  const burst = useBurst()
  const { edit } = handle
  return useCallback(
    (frameIds: string[], change: SpotChange, inBurst = false) => {
      return edit(
        ({ stored, scenes }) => {
          const current = stored.pages.find(({ id }) => id === page.id)
          const scene = scenes[page.id]
          if (!current || !scene) return null
          const frames = current.frames.filter(({ id }) => frameIds.includes(id))
          const spots = spotsOf(frames, scene).map(({ frameId, spot }) => {
            const frame = frames.find(({ id }) => id === frameId)
            return { frameId, spot: frame ? change(spot, frame) : spot }
          })
          return spots.length ? { kind: 'putFrames', pageId: page.id, frames: spots } : null
        },
        { batch: inBurst ? burst() : undefined },
      )
    },
    [burst, edit, page.id],
  )
}
