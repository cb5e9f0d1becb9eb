import { type HTMLAttributes, useLayoutEffect, useRef, useState } from 'react'
import type { FrameScene } from '../../api/client'
import { LiveFrame } from '../frames/LiveFrame'
import type { Frame } from '../piece/model'
import { type PicturePlace, spriteKey, type SpritePlace } from './spritePlace'
import type { Sprite } from './spriteStore'
import type { BenchScale } from './useBenchScale'

interface Props {
  place: SpritePlace
  sprite?: Sprite
  /** What stands for it until it has come, with half as many pixels each way. */
  draft?: Sprite
  scale: BenchScale
  /** Its pixels for each pixel of the screen (CSS). */
  dots: number
  /** The frame that it shows, if it is one that may be drawn by the browser meanwhile. */
  scene?: FrameScene
  frame?: Frame
  /** Of its border. */
  colour?: string
}

/** Where a picture is seen, in pixels of CSS, and how many of its own each of them is. */
interface ShownAt {
  box: { left: number; top: number; width: number; height: number }
  dots: number
}

const shownAt = ({ left, top, width, height }: PicturePlace, dots: number): ShownAt => ({
  box: { left: left / dots, top: top / dots, width: width / dots, height: height / dots },
  dots,
})

/**
 * A picture on exactly those dots of the screen: a box in parts of the page's pixels would be set on whole ones by the browser, and the
 * picture stretched or moved by a dot.
 */
const onDots = ({ box, dots }: ShownAt) => ({
  left: 0,
  top: 0,
  width: box.width * dots,
  height: box.height * dots,
  transform: `translate(${box.left}px, ${box.top}px) scale(${1 / dots})`,
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
export function SpritePicture({ place, sprite, draft, scale, dots, scene, frame, colour }: Props) {
  const full = shownAt(place, dots)
  const shown = !sprite && draft ? shownAt(place.draft, dots / 2) : full
  const picture = sprite ?? draft
  const [last, setLast] = useState<{ pixels: ImageData; at: ShownAt } | null>(null)
  if (picture === 'unreadable') {
    return (
      <p
        className="pointer-events-none absolute m-0 overflow-hidden bg-wash p-2 text-[13px] text-ink outline-1 outline-soft"
        style={full.box}
      >
        This photo’s file cannot be read.
      </p>
    )
  }
  if (picture && last?.pixels !== picture) setLast({ pixels: picture, at: shown })
  const look = 'pointer-events-none absolute max-w-none'
  if (picture) {
    return (
      <Pixels
        pixels={picture}
        data-testid="sprite"
        data-shows={sprite ? spriteKey(place) : `${spriteKey(place.draft)} draft`}
        className={look}
        style={{ ...onDots(shown), mixBlendMode: place.blend }}
      />
    )
  }
  if (!last) return null
  // One that was only moved goes on as it was, at its new place; one with another size or turn is drawn by the browser.
  const moved = frame?.spot && near(last.at.box, full.box)
  if (frame?.spot && !frame.text && !moved && scene) {
    return <LiveFrame scene={scene} spot={frame.spot} scale={scale} colour={colour ?? 'transparent'} />
  }
  const { left, top } = full.box
  const at = moved ? { ...last.at, box: { ...last.at.box, left, top } } : last.at
  return <Pixels pixels={last.pixels} className={look} style={{ ...onDots(at), mixBlendMode: place.blend }} />
}
