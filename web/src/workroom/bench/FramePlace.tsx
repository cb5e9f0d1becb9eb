import { type KeyboardEvent, useState } from 'react'
import { type FrameScene, smallPicture } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import { saySize } from '../../measure/units'
import { useNotice } from '../../ui/Notices'
import { neighbour } from '../arrangement'
import { useRoom } from '../context'
import { pushed, turnedBy, zoomed } from '../cropMath'
import { useCrop } from '../useCrop'
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
  /** What it looks like, once it is there. */
  sprite: Sprite | undefined
}

/** One frame on the bench: its sprite, and over it a button that can be selected, dragged, dropped on and worked by key. */
export function FramePlace({ scene, index, scale, sprite }: Props) {
  const { piece, page, scene: pageScene, selection, select, handle, photos } = useRoom()
  const { start } = useDragging()
  const notice = useNotice()
  const { over, properties } = useDropTarget(`frame:${scene.frameId}`, (cargo) => {
    if (cargo.kind === 'photo') {
      void handle.edit({ kind: 'placePhoto', pageId: page.id, frameId: scene.frameId, photo: cargo.photo })
      select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })
    } else if (cargo.kind === 'frame' && cargo.frameId !== scene.frameId) {
      const { pageId: otherPageId, frameId: otherFrameId } = cargo
      void handle.edit({ kind: 'swapFrames', pageId: page.id, frameId: scene.frameId, otherPageId, otherFrameId })
      select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })
    }
  })
  const changeCrop = useCrop(scene.frameId)
  const { pixelsPerMm } = scale
  const selected = selection.frameId === scene.frameId
  const name = photos.find(({ id }) => id === scene.photo?.photo)?.fileName
  const size = saySize(scene.outer.width * 1000, scene.outer.height * 1000, piece.format)
  const said = scene.photo
    ? `Frame ${index + 1}: ${name ?? 'photo'}, ${size}, ${Math.round(scene.photo.ppi)} pixels per inch`
    : `Frame ${index + 1}: empty, ${size}`

  const keys = (event: KeyboardEvent) => {
    const photo = scene.photo
    const arrow = ARROWS[event.key]
    if ((event.key === 'Delete' || event.key === 'Backspace') && photo) {
      void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: scene.frameId })
      notice('The frame is empty now; its photo is in the drawer.', { action: { name: 'Undo', run: handle.undo } })
    } else if (event.key === 'Enter' && photo && selected) {
      select({ kind: 'crop', on: true })
    } else if (arrow && (event.ctrlKey || event.metaKey)) {
      const other = neighbour(pageScene?.frames ?? [], index, arrow)
      const frame = other === undefined ? undefined : page.frames[other]
      if (!frame) return
      void handle.edit({
        kind: 'swapFrames',
        pageId: page.id,
        frameId: scene.frameId,
        otherPageId: page.id,
        otherFrameId: frame.id,
      })
      select({ kind: 'frame', pageId: page.id, frameId: frame.id })
      event.currentTarget.parentElement?.querySelector<HTMLElement>(`[data-frame="${frame.id}"]`)?.focus()
    } else if (arrow && photo) {
      const mm = event.shiftKey ? 10 : event.altKey ? 0.1 : 1
      changeCrop((crop, { widthPx, heightPx }, box) =>
        pushed(widthPx, heightPx, box, crop, arrow[0] * mm, arrow[1] * mm),
      )
    } else if ((event.key === '+' || event.key === '=') && photo) changeCrop((crop) => zoomed(crop, 1.1))
    else if (event.key === '-' && photo) changeCrop((crop) => zoomed(crop, 1 / 1.1))
    else if (event.key === '[' && photo) changeCrop((crop) => turnedBy(crop, -1))
    else if (event.key === ']' && photo) changeCrop((crop) => turnedBy(crop, 1))
    else if (event.key === 'Escape') select({ kind: 'none' })
    else return
    event.preventDefault()
  }

  const { outer } = scene
  return (
    <>
      <SpritePicture scene={scene} scale={scale} sprite={sprite} />
      <button
        {...properties}
        data-frame={scene.frameId}
        data-look={scene.photo || scene.words ? scene.hash : undefined}
        aria-label={said}
        aria-pressed={selected}
        onClick={() => select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })}
        onFocus={() => select({ kind: 'frame', pageId: page.id, frameId: scene.frameId })}
        onDoubleClick={() => scene.photo && select({ kind: 'crop', on: true })}
        onKeyDown={keys}
        onPointerDown={(event) => {
          if (!scene.photo || selection.cropping) return
          const cargo = { kind: 'frame' as const, pageId: page.id, frameId: scene.frameId, photo: scene.photo.photo }
          start(event, cargo, smallPicture(scene.photo.photo))
        }}
        className={`absolute touch-none ${selected ? (selection.cropping ? '' : 'z-10 outline-2 outline-offset-2 outline-woad') : 'hover:outline-1 hover:outline-woad'} ${over ? 'bg-woad/30 outline-3 outline-woad' : ''} ${scene.photo ? '' : 'border border-dashed border-soft bg-wash/60'}`}
        style={{
          left: outer.x * pixelsPerMm,
          top: outer.y * pixelsPerMm,
          width: outer.width * pixelsPerMm,
          height: outer.height * pixelsPerMm,
        }}
      >
        {!scene.photo && outer.width * pixelsPerMm > 70 && outer.height * pixelsPerMm > 30 && (
          <span className="text-[13px] text-[#22293a]">Drop a photo</span>
        )}
      </button>
    </>
  )
}

/** The picture of a frame. The last one stays until the next has loaded, so that a change never flashes. */
function SpritePicture({ scene, scale, sprite }: Omit<Props, 'index'>) {
  const ratio = window.devicePixelRatio || 1
  const device = scale.pixelsPerMm * ratio
  const left = Math.floor(scene.cell.x * device)
  const top = Math.floor(scene.cell.y * device)
  const box = {
    left: left / ratio,
    top: top / ratio,
    width: (Math.ceil((scene.cell.x + scene.cell.width) * device) - left) / ratio,
    height: (Math.ceil((scene.cell.y + scene.cell.height) * device) - top) / ratio,
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
  return (
    <>
      {loaded && loaded.url !== wanted && (
        <img alt="" src={loaded.url} className="pointer-events-none absolute max-w-none" style={loaded.box} />
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
