import { useCallback, useRef } from 'react'
import type { Box, Crop, PhotoScene } from '../api/client'
import { useRoom } from './context'

/** Changes that follow each other within this time are one step of the history. */
const BURST_MS = 700

export type CropChange = (crop: Crop, photo: PhotoScene, window: Box) => Crop

/**
 * Changes a frame's crop, worked out from the crop as the changes before it have left it, so that keys held down and
 * buttons pressed in a row all count.
 */
export function useCrop(frameId: string): (change: CropChange) => void {
  const { page, handle } = useRoom()
  const burst = useRef({ batch: '', last: 0 })
  const { edit } = handle
  return useCallback(
    (change) => {
      const now = performance.now()
      if (now - burst.current.last > BURST_MS) burst.current.batch = crypto.randomUUID()
      burst.current.last = now
      void edit(
        ({ scenes }) => {
          const scene = scenes[page.id]?.frames.find((one) => one.frameId === frameId)
          if (!scene?.photo) return null
          const crop = change(scene.photo.crop, scene.photo, scene.window)
          return { kind: 'setCrop', pageId: page.id, frameId, crop }
        },
        { batch: burst.current.batch },
      )
    },
    [edit, page.id, frameId],
  )
}
