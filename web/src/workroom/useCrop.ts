import { useCallback } from 'react'
import type { Box, Crop, PhotoScene } from '../api/client'
import { useRoomNow } from './context'
import { useBurst } from './useBurst'

export type CropChange = (crop: Crop, photo: PhotoScene, window: Box) => Crop

/** The edit that lays a photo otherwise in its frame. */
export const cropEdit = (pageId: string, frameId: string, crop: Crop) => ({
  kind: 'patchItems' as const,
  pageId,
  itemIds: [frameId],
  change: { kind: 'setCrop' as const, crop },
})

/**
 * Changes a frame's crop, worked out from the crop as the changes before it have left it, so that keys held down and
 * buttons pressed in a row all count.
 */
export function useCrop(frameId: string): (change: CropChange) => void {
  const room = useRoomNow()
  const burst = useBurst()
  return useCallback(
    (change) => {
      const { page, handle } = room()
      void handle.edit(
        ({ scene }) => {
          const shown = scene(page.id)?.frames.find((one) => one.frameId === frameId)
          return shown?.photo ? cropEdit(page.id, frameId, change(shown.photo.crop, shown.photo, shown.window)) : null
        },
        { batch: burst() },
      )
    },
    [burst, room, frameId],
  )
}
