import type { FrameScene } from '../../../api/client'
import { saySize } from '../../../measure/units'
import { useRoom } from '../../context'

/** What can be done for a photo that has too few pixels for its size, and what cannot. */
export function SharpUpTo({ scene }: { scene: FrameScene }) {
  const { piece } = useRoom()
  if (!scene.photo || scene.photo.sharpness === 'DENSE') return null
  const share = (scene.photo.ppi / scene.photo.sharpFromPpi) * 1000
  return (
    <p className="pb-2 text-[13px] leading-4 text-soft">
      Sharp up to {saySize(Math.round(scene.box.width * share), Math.round(scene.box.height * share), piece.format)}.
      Larger, it is enlarged smoothly, but no detail comes back.
    </p>
  )
}
