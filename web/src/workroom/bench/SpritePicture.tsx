import { type HTMLAttributes, useLayoutEffect, useRef, useState } from 'react'
import type { FrameScene } from '../../api/client'
import { LiveFrame } from '../frames/LiveFrame'
import type { Frame } from '../piece/model'
import type { SpritePlace } from './spritePlace'
import { spriteKey } from './spritePlace'
import type { Sprite } from './spriteStore'
import type { BenchScale } from './useBenchScale'

interface Props {
  place: SpritePlace
  sprite: Sprite | undefined
  scale: BenchScale
  /** Its pixels for each pixel of the screen (CSS). */
  dots: number
  /** The frame that it shows, if it is one that may be drawn by the browser meanwhile. */
  scene?: FrameScene
  frame?: Frame
  /** Of its border. */
  colour?: string
}

/**
 * A picture on exactly those dots of the screen: a box in parts of the page's pixels would be set on whole ones by the browser, and the
 * picture stretched or moved by a dot.
 */
const onDots = (box: { left: number; top: number; width: number; height: number }, ratio: number) => ({
  left: 0,
  top: 0,
  width: box.width * ratio,
  height: box.height * ratio,
  transform: `translate(${box.left}px, ${box.top}px) scale(${1 / ratio})`,
  transformOrigin: '0 0',
})

/** Whether two boxes have the same size to a pixel. */
const near = (a: { width: number; height: number }, b: { width: number; height: number }) =>
  Math.abs(a.width - b.width) <= 1 && Math.abs(a.height - b.height) <= 1

/** Pixels on the screen as they are. */
function Pixels({ pixels, ...rest }: { pixels: ImageData } & HTMLAttributes<HTMLCanvasElement>) {
  const canvas = useRef<HTMLCanvasElement>(null)
  useLayoutEffect(() => {
    canvas.current?.getContext('2d', { willReadFrequently: true })?.putImageData(pixels, 0, 0)
  }, [pixels])
  return <canvas ref={canvas} width={pixels.width} height={pixels.height} aria-hidden {...rest} />
}

/** The picture of a unit. The last one stays until the next has come, so that a change never flashes. */
export function SpritePicture({ place, sprite, scale, dots, scene, frame, colour }: Props) {
  const box = {
    left: place.left / dots,
    top: place.top / dots,
    width: place.width / dots,
    height: place.height / dots,
  }
  const [last, setLast] = useState<{ pixels: ImageData; box: typeof box } | null>(null)
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
  if (sprite && last?.pixels !== sprite) setLast({ pixels: sprite, box })
  const look = 'pointer-events-none absolute max-w-none'
  if (sprite) {
    return (
      <Pixels
        pixels={sprite}
        data-testid="sprite"
        data-shows={spriteKey(place)}
        className={look}
        style={{ ...onDots(box, dots), mixBlendMode: place.blend }}
      />
    )
  }
  if (!last) return null
  // One that was only moved goes on as it was, at its new place; one with another size or turn is drawn by the browser.
  const moved = frame?.spot && near(last.box, box)
  if (frame?.spot && !frame.text && !moved && scene) {
    return <LiveFrame scene={scene} spot={frame.spot} scale={scale} colour={colour ?? 'transparent'} />
  }
  const at = moved ? { ...last.box, left: box.left, top: box.top } : last.box
  return <Pixels pixels={last.pixels} className={look} style={{ ...onDots(at, dots), mixBlendMode: place.blend }} />
}
