import { type CSSProperties } from 'react'
import { type FrameScene, largePicture } from '../../api/client'
import type { BenchScale } from '../bench/useBenchScale'
import { placePhoto } from '../piece/cropMath'
import type { Spot } from '../piece/model'
import { widthMm } from '../piece/styles'
import { boxOf } from './spots'

interface Props {
  scene: FrameScene
  spot: Spot
  scale: BenchScale
  /** The border's colour. */
  colour: string
}

/** A frame drawn by the browser while its size or turn is under way; its sprite follows when it is let go. */
export function LiveFrame({ scene, spot, scale, colour }: Props) {
  const s = scale.pixelsPerMm
  const box = boxOf(spot)
  const border = widthMm(scene.bands, 'INSIDE')
  const window = { x: 0, y: 0, width: box.width - 2 * border, height: box.height - 2 * border }
  const style: CSSProperties = {
    left: box.x * s,
    top: box.y * s,
    width: box.width * s,
    height: box.height * s,
    transform: `rotate(${spot.turnDegrees}deg)`,
    borderRadius:
      scene.corners.cut === 'ROUND' ? Math.min(scene.corners.size / 1000, Math.min(box.width, box.height) / 2) * s : 0,
    border: `${border * s}px solid ${colour}`,
  }
  const { photo } = scene
  if (!photo) {
    return (
      <div
        aria-hidden
        className="pointer-events-none absolute border border-dashed border-soft bg-wash/60"
        style={{ ...style, border: undefined }}
      />
    )
  }
  const { matrix } = placePhoto(photo.widthPx, photo.heightPx, window, photo.crop)
  const [a, b, c, d, e, f] = matrix
  return (
    <div aria-hidden className="pointer-events-none absolute overflow-hidden" style={style}>
      <img
        alt=""
        src={largePicture(photo.photo)}
        className="absolute top-0 left-0 size-[1000px] max-w-none origin-top-left"
        style={{
          transform: `matrix(${(a * s) / 1000}, ${(b * s) / 1000}, ${(c * s) / 1000}, ${(d * s) / 1000}, ${e * s}, ${f * s})`,
        }}
      />
    </div>
  )
}
