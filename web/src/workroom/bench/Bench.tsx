import { useRef } from 'react'
import { useRoom } from '../context'
import { CropLayer } from './CropLayer'
import { DimensionLines } from './DimensionLines'
import { FramePlace } from './FramePlace'
import { useBenchScale } from './useBenchScale'
import { useSprites } from './useSprites'

/** The page on its mat, with dimension lines as in a workshop drawing. */
export function Bench() {
  const { piece, page, scene, selection, select, frameScene } = useRoom()
  const bench = useRef<HTMLElement>(null)
  const scale = useBenchScale(bench, scene)
  const sprites = useSprites(piece.id, scene, scale ? scale.pixelsPerMm * (window.devicePixelRatio || 1) : undefined)
  const px = (mm: number) => mm * (scale?.pixelsPerMm ?? 1)
  const number = piece.pages.indexOf(page) + 1
  return (
    <main
      ref={bench}
      aria-label={`Bench, page ${number} of ${piece.pages.length}`}
      className="relative overflow-hidden bg-mat"
      onPointerDown={(event) => event.target === event.currentTarget && select({ kind: 'none' })}
    >
      {scene && scale && (
        <>
          {scene.bleedMm > 0 && (
            <div
              aria-hidden
              className="absolute opacity-60 outline-1 outline-soft outline-dashed"
              style={{
                background: scene.colour,
                left: scale.left - px(scene.bleedMm),
                top: scale.top - px(scene.bleedMm),
                width: px(scene.widthMm + 2 * scene.bleedMm),
                height: px(scene.heightMm + 2 * scene.bleedMm),
              }}
            />
          )}
          <div
            data-testid="page"
            className="absolute shadow-[0_2px_10px_rgb(34_41_58/0.22)]"
            style={{
              background: scene.colour,
              left: scale.left,
              top: scale.top,
              width: px(scene.widthMm),
              height: px(scene.heightMm),
            }}
          >
            {scene.frames.map((frame, index) => (
              <FramePlace key={frame.frameId} scene={frame} index={index} scale={scale} sprite={sprites(frame.hash)} />
            ))}
            {selection.cropping && frameScene?.photo && (
              <CropLayer key={frameScene.frameId} scene={frameScene} scale={scale} />
            )}
          </div>
          {!selection.cropping && <DimensionLines scale={scale} scene={scene} />}
        </>
      )}
    </main>
  )
}
