import { useCallback } from 'react'
import type { Box, Crop, PhotoScene } from '../api/client'
import { useRoom } from './context'
import { useBurst } from './useBurst'

export type CropChange = (crop: Crop, photo: PhotoScene, window: Box) => Crop

/**
 * Changes a frame's crop, worked out from the crop as the changes before it have left it, so that keys held down and
 * buttons pressed in a row all count.
 */
export function useCrop(frameId: string): (change: CropChange) => void {
  const { page, handle } = useRoom()
  const burst = useBurst()
  const { edit } = handle
  return useCallback(
    (change) => {
      void edit(
        ({ scenes }) => {
          const scene = scenes[page.id]?.frames.find((one) => one.frameId === frameId)
          if (!scene?.photo) return null
          const crop = change(scene.photo.crop, scene.photo, scene.window)
          return { kind: 'setCrop', pageId: page.id, frameId, crop }
        },
        { batch: burst() },
      )
    },
    [burst, edit, page.id, frameId],
  )
}
