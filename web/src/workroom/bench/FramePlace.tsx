import { memo, useRef } from 'react'
import { type Format, type FrameScene, smallPicture, type StyleSheet } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import { saySize } from '../../measure/units'
import { useRoomNow } from '../context'
import { useDraft } from '../frames/drafts'
import { LiveFrame } from '../frames/LiveFrame'
import { boxOf } from '../frames/spots'
import { useMoveFrames } from '../frames/useMoveFrames'
import type { Frame } from '../piece/model'
import { contentName } from '../ornaments/useOrnaments'
import { styleOf } from '../piece/styles'
import { askFocus, wordsField } from '../../fields/askedFocus'
import { clipOf, PieceEdge } from './PieceEdge'
import { CaptionSpot } from '../words/CaptionSpot'
import { spriteKey, type SpritePlace } from './spritePlace'
import { SpritePicture } from './SpritePicture'
import type { Sprite } from './spriteStore'
import type { BenchScale } from './useBenchScale'
import { useFramePlaceKeys } from './useFramePlaceKeys'

interface Props {
  scene: FrameScene
  frame: Frame | undefined
  index: number
  scale: BenchScale
  dots: number
  /** Its picture, if it has one of its own. */
  place: SpritePlace | undefined
  sprite?: Sprite
  draft?: Sprite
  /** The photo's file. */
  name: string | undefined
  format: Format
  styles: StyleSheet
  selected: boolean
  cropping: boolean
  writing: boolean
}

/**
 * One frame on the bench, where it lies or where it is being dragged to: its sprite, and over it a button that can be selected, dragged,
 * dropped on and worked by key. It is drawn anew only when something of its own is another.
 */
export const FramePlace = memo(function FramePlace(props: Props) {
  const { scene, frame, index, scale, dots, place, name, format, styles, selected, cropping, writing } = props
  const room = useRoomNow()
  const { start } = useDragging()
  const here = () => ({ pageId: room().page.id, frameId: scene.frameId })
  const choose = () => room().select({ kind: 'frame', ...here() })
  const { over, properties } = useDropTarget(`frame:${scene.frameId}`, (cargo) => {
    const { handle } = room()
    if (cargo.kind === 'photo') {
      void handle.edit({ kind: 'placeEntry', ...here(), entryId: cargo.entryId })
      choose()
    } else if (cargo.kind === 'frame' && cargo.frameId !== scene.frameId) {
      void handle.edit({ kind: 'swapFrames', ...here(), otherPageId: cargo.pageId, otherFrameId: cargo.frameId })
      choose()
    }
  })
  const { pixelsPerMm } = scale
  const spot = frame?.spot
  const startMove = useMoveFrames(scale)
  const pressed = useRef(false)
  const draft = useDraft(scene.frameId)
  const size = saySize(scene.box.width * 1000, scene.box.height * 1000, format)
  const drawn = frame && (frame.ornament || frame.box || frame.rule || frame.outline.kind === 'ringed')
  const said = scene.photo
    ? `Frame ${index + 1}: ${name ?? 'photo'}, ${size}, ${Math.round(scene.photo.ppi)} pixels per inch`
    : drawn
      ? `Frame ${index + 1}: ${contentName(frame).slice(0, 80)}, ${size}`
      : frame?.text
        ? `Frame ${index + 1}: words${frame.text.text ? `, ${frame.text.text.slice(0, 80)}` : ''}, ${size}`
        : `Frame ${index + 1}: empty, ${size}`
  const lies = frame?.across ? ', across the page' : spot ? (frame.locked ? ', locked' : ', lies freely') : ''
  const write = () => room().select({ kind: 'write', ...here() })
  const movable = spot ?? frame?.across
  const keys = useFramePlaceKeys(scene, frame, index)
  const colour = styleOf(frame, styles).bands[0]?.paint.colour ?? '#22293a'

  const { box } = scene
  const lying = {
    left: box.x * pixelsPerMm,
    top: box.y * pixelsPerMm,
    width: box.width * pixelsPerMm,
    height: box.height * pixelsPerMm,
  }
  const edge = frame?.slot !== undefined ? scene.piece : undefined
  const bare = !(scene.photo || frame?.text?.text || drawn)
  const edgeLook = cropping ? undefined : over ? 'over' : selected ? 'selected' : bare ? 'empty' : undefined
  const from = draft && box
  const to = draft && boxOf(draft.spot)
  const shift =
    from && to ? `translate(${(to.x - from.x) * pixelsPerMm}px, ${(to.y - from.y) * pixelsPerMm}px)` : undefined
  // What is moved is a layer of its own, which then has to blend as a whole.
  const moved = !draft?.shape && shift ? { transform: shift, mixBlendMode: place?.blend } : undefined
  return (
    <div className="absolute top-0 left-0 size-0" style={moved}>
      {draft?.shape ? (
        <LiveFrame scene={scene} spot={draft.spot} scale={scale} colour={colour} />
      ) : (
        place &&
        !(frame?.text && writing) && (
          <SpritePicture
            place={place}
            scene={scene}
            scale={scale}
            dots={dots}
            sprite={props.sprite}
            draft={props.draft}
            frame={frame}
            colour={colour}
          />
        )
      )}
      <button
        {...properties}
        data-frame={scene.frameId}
        data-look={place && spriteKey(place)}
        aria-label={said + lies}
        aria-pressed={selected}
        onClick={(event) => {
          if ((event.shiftKey || room().selection.several) && !movable)
            room().select({ kind: 'toggle', pageId: room().page.id, frameIds: [scene.frameId] })
          else if (!movable) choose()
        }}
        onFocus={() => !pressed.current && !room().selection.several && choose()}
        onDoubleClick={() => {
          if (frame?.ornament) askFocus(wordsField(scene.frameId))
          else if (frame?.text) write()
          else if (scene.photo && !frame?.locked) room().select({ kind: 'crop', on: true })
        }}
        onKeyDown={keys}
        onPointerDown={(event) => {
          pressed.current = true
          window.setTimeout(() => (pressed.current = false), 0)
          if (cropping) return
          if (movable) return startMove(event, scene.frameId)
          if (!scene.photo || event.shiftKey) return
          const cargo = { kind: 'frame' as const, ...here(), photo: scene.photo.photo }
          start(event, cargo, smallPicture(scene.photo.photo))
        }}
        className={`absolute touch-none ${selected ? (cropping ? '' : 'z-10 outline-2 outline-offset-2 outline-woad') : 'hover:outline-1 hover:outline-woad'} ${over ? 'bg-woad/30 outline-3 outline-woad' : ''} ${!bare ? '' : edge ? 'bg-wash/60' : 'border border-dashed border-soft bg-wash/60'} ${movable && !frame?.locked ? 'cursor-move' : ''} ${scene.hidden ? 'border border-dotted border-soft' : ''} ${draft?.shape ? 'opacity-0' : ''}`}
        style={{
          ...lying,
          clipPath: edge && clipOf(edge, lying.width, lying.height),
          transform: scene.turnDegrees ? `rotate(${scene.turnDegrees}deg)` : undefined,
        }}
      >
        {/* Not to be pressed itself: a photo that comes between press and click would take the click away with it. */}
        {!scene.photo &&
          !frame?.text?.text &&
          (!frame || frame.forPhotos || frame.text) &&
          !frame?.ornament &&
          box.width * pixelsPerMm > (edge ? 120 : 70) &&
          box.height * pixelsPerMm > 30 && (
            <span className="pointer-events-none text-[13px] text-[#22293a]">
              {frame?.text ? 'Press twice to write' : 'Drop a photo'}
            </span>
          )}
      </button>
      {edge && edgeLook && <PieceEdge outline={edge} {...lying} look={edgeLook} />}
      {/* Between the pieces of a figure is no room for words. */}
      {scene.photo && (!edge || styles.captions.place === 'ON_PICTURE') && (
        <CaptionSpot scene={scene} scale={scale} selected={selected && !cropping} captions={styles.captions} />
      )}
    </div>
  )
})
