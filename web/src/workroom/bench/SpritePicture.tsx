import { useState } from 'react'
import type { Frame, FrameScene } from '../../api/client'
import { borderOf } from '../borders'
import { useRoom } from '../context'
import { LiveFrame } from '../frames/LiveFrame'
import type { Sprite } from './spriteStore'
import type { BenchScale } from './useBenchScale'

interface Props {
  scene: FrameScene
  frame: Frame | undefined
  scale: BenchScale
  sprite: Sprite | undefined
}

/** Whether two boxes have the same size to a pixel. */
const near = (a: { width: number; height: number }, b: { width: number; height: number }) =>
  Math.abs(a.width - b.width) <= 1 && Math.abs(a.height - b.height) <= 1

/** The picture of a frame. The last one stays until the next has loaded, so that a change never flashes. */
export function SpritePicture({ scene, scale, sprite, frame }: Props) {
  const { piece } = useRoom()
  const ratio = window.devicePixelRatio || 1
  const device = scale.pixelsPerMm * ratio
  const left = Math.floor(scene.bounds.x * device)
  const top = Math.floor(scene.bounds.y * device)
  const box = {
    left: left / ratio,
    top: top / ratio,
    width: (Math.ceil((scene.bounds.x + scene.bounds.width) * device) - left) / ratio,
    height: (Math.ceil((scene.bounds.y + scene.bounds.height) * device) - top) / ratio,
  }
  const [loaded, setLoaded] = useState<{ url: string; box: typeof box } | null>(null)
  if (!scene.photo && !scene.words) return null
  if (sprite === 'unreadable') {
    return (
      <p
        className="pointer-events-none absolute m-0 overflow-hidden bg-wash p-2 text-[13px] text-ink outline-1 outline-soft"
        style={box}
      >
        This photo’s file cannot be read.
      </p>
    )
  }
  const wanted = sprite?.url
  const behind = loaded && loaded.url !== wanted ? loaded : null
  // One that was only moved goes on as it was, at its new place; one with another size or turn is drawn by the browser.
  const moved = frame?.spot && behind && near(behind.box, box)
  const reshaped = frame?.spot && behind && !moved
  return (
    <>
      {behind && !reshaped && (
        <img
          alt=""
          src={behind.url}
          className="pointer-events-none absolute max-w-none"
          style={moved ? { ...behind.box, left: box.left, top: box.top } : behind.box}
        />
      )}
      {reshaped && frame.spot && (
        <LiveFrame scene={scene} spot={frame.spot} scale={scale} colour={borderOf(frame, piece.dress).colour} />
      )}
      {wanted && (
        <img
          key={wanted}
          alt=""
          data-testid="sprite"
          data-shows={scene.hash}
          src={wanted}
          onLoad={() => setLoaded({ url: wanted, box })}
          className={`pointer-events-none absolute max-w-none ${loaded?.url === wanted || !loaded ? '' : 'opacity-0'}`}
          style={box}
        />
      )}
    </>
  )
}
