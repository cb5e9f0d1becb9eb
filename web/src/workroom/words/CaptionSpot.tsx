import type { CaptionStyle, FrameScene } from '../../api/client'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoomNow } from '../context'
import { captionPlace } from './captionPlace'

interface Props {
  scene: FrameScene
  scale: BenchScale
  selected: boolean
  captions: CaptionStyle
}

/** The place below a photo where its words are, or would be: pressed twice, they are written there. */
export function CaptionSpot({ scene, scale, selected, captions }: Props) {
  const room = useRoomNow()
  if (captions.show === 'NONE' || scene.turnDegrees || scene.hidden) return null
  const written = (scene.words?.lines.length ?? 0) > 0
  if (!written && !selected) return null
  const place = captionPlace(scene, captions)
  const s = scale.pixelsPerMm
  const height = Math.max(place.height * s, written ? 0 : 20)
  return (
    <div
      aria-hidden
      title="Press twice to write here"
      className={`absolute cursor-text touch-manipulation text-center text-[13px] ${written ? 'hover:outline-1 hover:outline-woad' : 'bg-paper/85 text-soft'}`}
      style={{ left: place.x * s, top: place.y * s, width: place.width * s, height }}
      onPointerDown={(event) => event.stopPropagation()}
      onClick={() => room().select({ kind: 'frame', pageId: room().page.id, frameId: scene.frameId })}
      onDoubleClick={() => room().select({ kind: 'write', pageId: room().page.id, frameId: scene.frameId })}
    >
      {!written && place.width * s > 110 && 'caption (double-click)'}
    </div>
  )
}
