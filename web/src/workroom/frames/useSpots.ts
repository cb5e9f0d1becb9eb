import { useCallback, useRef } from 'react'
import type { Frame, Spot } from '../../api/client'
import { useRoom } from '../context'
import { spotsOf } from './spots'

/** Changes by keys held down that follow each other within this time are one step of the history. */
const BURST_MS = 700

export type SpotChange = (spot: Spot, frame: Frame) => Spot

/**
 * Changes the places of frames, worked out from the places as the changes before have left them. Frames that the arrangement
 * places are taken out of it.
 * With inBurst, changes that come fast are one step.
 */
export function useSpots() {
  const { page, handle } = useRoom()
  const burst = useRef({ batch: '', last: 0 })
  const { edit } = handle
  return useCallback(
    (frameIds: string[], change: SpotChange, inBurst = false) => {
      const now = performance.now()
      if (now - burst.current.last > BURST_MS || !inBurst) burst.current.batch = crypto.randomUUID()
      burst.current.last = inBurst ? now : -Infinity
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
        { batch: burst.current.batch },
      )
    },
    [edit, page.id],
  )
}
