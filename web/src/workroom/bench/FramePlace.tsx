import { type KeyboardEvent, useRef } from 'react'
import { type FrameScene, smallPicture } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import { saySize } from '../../measure/units'
import { useNotice } from '../../ui/Notices'
import { neighbour } from '../piece/arrangement'
import { useRoom } from '../context'
import { pushed, turnedBy, zoomed } from '../piece/cropMath'
import { useDraft } from '../frames/drafts'
import { LiveFrame } from '../frames/LiveFrame'
import { boxOf, movedBy } from '../frames/spots'
import { useFrameDoings } from '../frames/useFrameDoings'
import { useMoveFrames } from '../frames/useMoveFrames'
import { useSpots } from '../frames/useSpots'
import { borderOf, styleOf } from '../piece/styles'
import { useCrop } from '../useCrop'
import { spriteKey, type SpritePlace } from './spritePlace'
import { CaptionSpot } from '../words/CaptionSpot'
import { SpritePicture } from './SpritePicture'
import type { Sprite } from './spriteStore'
import type { BenchScale } from './useBenchScale'

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}

interface Props {
  scene: FrameScene
  index: number
  scale: BenchScale
  dots: number
  /** Its picture, if it has one of its own. */
  place: SpritePlace | undefined
  sprite: Sprite | undefined
}

/** One frame on the bench, where it lies or where it is being dragged to: its sprite, and over it a button that can be selected, dragged, dropped on and worked by key. */
export function FramePlace({ scene, index, scale, dots, place, sprite }: Props) {
  const { piece, page, scene: pageScene, selection, select, handle, photos } = useRoom()
  const { start } = useDragging()
  const notice = useNotice()
  const { over, properties } = useDropTarget(`frame:${scene.frameId}`, (cargo) => {
    if (cargo.kind === 'photo') {
      void handle.edit({ kind: 'placeEntry', pageId: page.id, frameId: scene.frameId, entryId: cargo.entryId })
      select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })
    } else if (cargo.kind === 'frame' && cargo.frameId !== scene.frameId) {
      const { pageId: otherPageId, frameId: otherFrameId } = cargo
      void handle.edit({ kind: 'swapFrames', pageId: page.id, frameId: scene.frameId, otherPageId, otherFrameId })
      select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })
    }
  })
  const changeCrop = useCrop(scene.frameId)
  const choose = () => select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })
  const { pixelsPerMm } = scale
  const selected = selection.frameIds.includes(scene.frameId)
  const frame = page.frames.find(({ id }) => id === scene.frameId)
  const spot = frame?.spot
  const changeSpots = useSpots()
  const { remove } = useFrameDoings()
  const startMove = useMoveFrames(scale)
  const pressed = useRef(false)
  const draft = useDraft(scene.frameId)
  const name = photos.find(({ id }) => id === scene.photo?.photo)?.fileName
  const size = saySize(scene.box.width * 1000, scene.box.height * 1000, piece.format)
  const said = scene.photo
    ? `Frame ${index + 1}: ${name ?? 'photo'}, ${size}, ${Math.round(scene.photo.ppi)} pixels per inch`
    : frame?.text
      ? `Frame ${index + 1}: words${frame.text.text ? `, ${frame.text.text.slice(0, 80)}` : ''}, ${size}`
      : `Frame ${index + 1}: empty, ${size}`
  const lies = frame?.across ? ', across the page' : spot ? (frame.locked ? ', locked' : ', lies freely') : ''
  const write = () => select({ kind: 'write', pageId: page.id, frameId: scene.frameId })
  const movable = spot ?? frame?.across

  const keys = (event: KeyboardEvent) => {
    const photo = scene.photo
    const arrow = ARROWS[event.key]
    const wayMm = event.shiftKey ? 10 : event.altKey ? 0.1 : 1
    const removes = event.key === 'Delete' || event.key === 'Backspace'
    if (removes && selection.frameIds.length > 1 && selected) remove()
    else if (removes && frame?.text) {
      void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: scene.frameId })
      notice('The words are gone.', { action: { name: 'Undo', run: handle.undo } })
    } else if (removes && !photo && (spot || page.arrangement.kind !== 'grid')) remove()
    else if (removes && photo) {
      void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: scene.frameId })
      const again = spot || page.arrangement.kind !== 'grid' ? ' Delete again takes the frame away.' : ''
      notice(`The frame is empty now; its photo waits in the tray.${again}`, {
        action: { name: 'Undo', run: handle.undo },
      })
    } else if ((event.key === 'Enter' && frame?.text) || event.key === 'F2') {
      if (frame?.text || photo) write()
    } else if (event.key === 'Enter' && photo && selected) {
      select({ kind: 'crop', on: true })
    } else if (arrow && (event.ctrlKey || event.metaKey)) {
      const other = neighbour(pageScene?.frames ?? [], index, arrow)
      const beside = other === undefined ? undefined : page.frames[other]
      if (!beside) return
      void handle.edit({
        kind: 'swapFrames',
        pageId: page.id,
        frameId: scene.frameId,
        otherPageId: page.id,
        otherFrameId: beside.id,
      })
      select({ kind: 'frame', pageId: page.id, frameId: beside.id })
      event.currentTarget
        .closest('[data-testid="page"]')
        ?.querySelector<HTMLElement>(`[data-frame="${beside.id}"]`)
        ?.focus()
    } else if (arrow && spot) {
      const ids = selected ? page.frames.filter((one) => selection.frameIds.includes(one.id) && one.spot) : [frame]
      void changeSpots(
        ids.map(({ id }) => id),
        (now, one) => (one.locked ? now : movedBy(now, arrow[0] * wayMm, arrow[1] * wayMm)),
        true,
      )
    } else if (arrow && photo) {
      changeCrop((crop, { widthPx, heightPx }, box) =>
        pushed(widthPx, heightPx, box, crop, arrow[0] * wayMm, arrow[1] * wayMm),
      )
    } else if ((event.key === '+' || event.key === '=') && photo) changeCrop((crop) => zoomed(crop, 1.1))
    else if (event.key === '-' && photo) changeCrop((crop) => zoomed(crop, 1 / 1.1))
    else if (event.key === '[' && photo) changeCrop((crop) => turnedBy(crop, -1))
    else if (event.key === ']' && photo) changeCrop((crop) => turnedBy(crop, 1))
    else if (event.key === 'Escape') select({ kind: 'none' })
    else return
    event.preventDefault()
  }

  const { box } = scene
  const from = draft && box
  const to = draft && boxOf(draft.spot)
  const shift =
    from && to ? `translate(${(to.x - from.x) * pixelsPerMm}px, ${(to.y - from.y) * pixelsPerMm}px)` : undefined
  return (
    <div className="absolute top-0 left-0 size-0" style={{ transform: draft?.shape ? undefined : shift }}>
      {draft?.shape ? (
        <LiveFrame
          scene={scene}
          spot={draft.spot}
          scale={scale}
          colour={borderOf(styleOf(frame, piece.styles)).colour}
        />
      ) : (
        place &&
        !(frame?.text && selection.writing === scene.frameId) && (
          <SpritePicture place={place} scene={scene} scale={scale} dots={dots} sprite={sprite} frame={frame} />
        )
      )}
      <button
        {...properties}
        data-frame={scene.frameId}
        data-look={place && spriteKey(place)}
        aria-label={said + lies}
        aria-pressed={selected}
        onClick={(event) => {
          if (event.shiftKey && !movable) select({ kind: 'toggle', pageId: page.id, frameIds: [scene.frameId] })
          else if (!movable) choose()
        }}
        onFocus={() => !pressed.current && choose()}
        onDoubleClick={() => {
          if (frame?.text) write()
          else if (scene.photo && !frame?.locked) select({ kind: 'crop', on: true })
        }}
        onKeyDown={keys}
        onPointerDown={(event) => {
          pressed.current = true
          window.setTimeout(() => (pressed.current = false), 0)
          if (selection.cropping) return
          if (movable) return startMove(event, scene.frameId)
          if (!scene.photo || event.shiftKey) return
          const cargo = { kind: 'frame' as const, pageId: page.id, frameId: scene.frameId, photo: scene.photo.photo }
          start(event, cargo, smallPicture(scene.photo.photo))
        }}
        className={`absolute touch-none ${selected ? (selection.cropping ? '' : 'z-10 outline-2 outline-offset-2 outline-woad') : 'hover:outline-1 hover:outline-woad'} ${over ? 'bg-woad/30 outline-3 outline-woad' : ''} ${scene.photo || frame?.text?.text ? '' : 'border border-dashed border-soft bg-wash/60'} ${movable && !frame?.locked ? 'cursor-move' : ''} ${scene.hidden ? 'border border-dotted border-soft' : ''} ${draft?.shape ? 'opacity-0' : ''}`}
        style={{
          left: box.x * pixelsPerMm,
          top: box.y * pixelsPerMm,
          width: box.width * pixelsPerMm,
          height: box.height * pixelsPerMm,
          transform: scene.turnDegrees ? `rotate(${scene.turnDegrees}deg)` : undefined,
        }}
      >
        {!scene.photo && !frame?.text?.text && box.width * pixelsPerMm > 70 && box.height * pixelsPerMm > 30 && (
          <span className="text-[13px] text-[#22293a]">{frame?.text ? 'Press twice to write' : 'Drop a photo'}</span>
        )}
      </button>
      {scene.photo && <CaptionSpot scene={scene} scale={scale} selected={selected && !selection.cropping} />}
    </div>
  )
}
