import { Fragment, useEffect, useLayoutEffect, useMemo, useRef } from 'react'
import { useRoom } from '../context'
import { DragMarksLayer } from '../frames/DragMarksLayer'
import { drafts } from '../frames/drafts'
import { FrameHandles } from '../frames/FrameHandles'
import { GuidesLayer } from '../frames/GuidesLayer'
import { useFrameKeys } from '../frames/useFrameKeys'
import { usePageDrag } from '../frames/usePageDrag'
import { CropLayer } from './CropLayer'
import { DimensionLines } from './lines/DimensionLines'
import { FacingPage } from './FacingPage'
import { FramePlace } from './FramePlace'
import { spritePlace } from './spritePlace'
import { SpritePicture } from './SpritePicture'
import { FinePicture } from '../view/FinePicture'
import { facingOf, useFacing } from '../view/facing'
import { useBare } from '../view/useBare'
import { useBenchScale } from './useBenchScale'
import { useSettled } from '../view/useSettled'
import { useViewGestures } from '../view/useViewGestures'
import { WritingLayer } from '../words/WritingLayer'
import { useSprites } from './useSprites'

/** So many pixels a page's frames are drawn with together; who looks closer sees a part of the page drawn by itself. */
const MOST_PIXELS = 5e6

/** The page on its mat, with dimension lines as in a workshop drawing. */
export function Bench() {
  const { piece, page, scene, selection, frame, frameScene, photos, view, handle } = useRoom()
  const bench = useRef<HTMLElement>(null)
  const paper = useRef<HTMLDivElement>(null)
  const [facing] = useFacing()
  const beside = facing ? facingOf(piece.pages, page.id) : undefined
  const scale = useBenchScale(bench, scene, view, beside?.side)
  const bare = useBare()
  useViewGestures(bench, scale, scene)
  const wanted = scale ? scale.pixelsPerMm * (window.devicePixelRatio || 1) : undefined
  const most = scene ? Math.sqrt(MOST_PIXELS / (scene.widthMm * scene.heightMm)) : Infinity
  const device = useSettled(wanted && Math.min(wanted, Math.max(most, 0.01)))
  const dots = scale && device ? device / scale.pixelsPerMm : 1
  const sprites = useSprites(piece.id, scene, device, dots)
  const places = new Map(
    device === undefined ? [] : scene?.units.map((unit) => [unit.itemId, spritePlace(unit, device)] as const),
  )
  // A group that shows as one thing is drawn where its first frame lies in the order.
  const together = new Map(
    [...places].flatMap(([itemId, place]) => {
      const first = page.frames.find(({ group }) => group === itemId)
      return first ? [[first.id, place] as const] : []
    }),
  )
  const placed = new Set(page.frames.flatMap(({ id, group }) => [id, group]))
  /** A ground of more than one colour is a picture, too: the rearmost, and no frame's. */
  const rear = scene?.units[0]?.itemId
  const ground = rear && rear !== page.id && !placed.has(rear) ? places.get(rear) : undefined
  /** What is drawn in front of all that lies on the page. */
  const ofPage = places.get(page.id)
  const names = useMemo(() => new Map(photos.map(({ id, fileName }) => [id, fileName])), [photos])
  const pageDrag = usePageDrag(scale)
  useFrameKeys()
  // What was dragged is now where it was put, or where the page says.
  useLayoutEffect(() => drafts.clear(), [scene])
  const px = (mm: number) => mm * (scale?.pixelsPerMm ?? 1)
  const number = piece.pages.findIndex(({ id }) => id === page.id) + 1
  const { band } = pageDrag
  const damaged = piece.pages[number - 1]?.damaged
  // Where a frame that had the focus is gone, the bench has it: keys go on to work.
  const worked = useRef(true)
  useEffect(() => {
    const look = ({ target }: FocusEvent) =>
      (worked.current = target instanceof Node && bench.current?.contains(target) === true)
    document.addEventListener('focusin', look)
    return () => document.removeEventListener('focusin', look)
  }, [])
  useEffect(() => {
    if (worked.current && document.activeElement === document.body) bench.current?.focus()
  }, [scene])
  return (
    <main
      ref={bench}
      data-place="bench"
      tabIndex={-1}
      aria-label={`Bench, page ${number} of ${piece.pages.length}`}
      className={`relative min-w-0 flex-1 touch-none overflow-hidden bg-mat focus-visible:outline-none ${selection.drawing ? 'cursor-crosshair' : ''}`}
      onMouseDownCapture={(event) => selection.drawing && event.preventDefault()}
      onPointerDownCapture={(event) => {
        if (selection.drawing && paper.current) {
          event.stopPropagation()
          pageDrag.start(event, paper.current)
        }
      }}
      onPointerDown={(event) => {
        if (!(event.target instanceof HTMLElement && event.target.matches('input, textarea'))) bench.current?.focus()
        const onNothing = event.target === event.currentTarget || event.target === paper.current
        if (onNothing && paper.current) pageDrag.start(event, paper.current)
      }}
    >
      {scene && scale && (
        <>
          {scene.bleedMm > 0 && (
            <div
              aria-hidden
              className="pointer-events-none absolute opacity-60 outline-1 outline-soft outline-dashed"
              style={{
                background: scene.colour,
                left: scale.left - px(scene.bleedMm),
                top: scale.top - px(scene.bleedMm),
                width: px(scene.widthMm + 2 * scene.bleedMm),
                height: px(scene.heightMm + 2 * scene.bleedMm),
              }}
            />
          )}
          {beside && <FacingPage {...beside} scene={scene} scale={scale} />}
          <div
            ref={paper}
            data-testid="page"
            className="absolute isolate touch-none shadow-[0_2px_10px_rgb(34_41_58/0.22)]"
            style={{
              background: scene.colour,
              left: scale.left,
              top: scale.top,
              width: px(scene.widthMm),
              height: px(scene.heightMm),
            }}
          >
            {ground && <SpritePicture place={ground} scale={scale} dots={dots} {...sprites(ground)} />}
            {scene.frames.map((one, index) => {
              const group = together.get(one.frameId)
              const place = places.get(one.frameId)
              return (
                <Fragment key={one.frameId}>
                  {group && <SpritePicture place={group} scale={scale} dots={dots} {...sprites(group)} />}
                  <FramePlace
                    scene={one}
                    frame={page.frames.find(({ id }) => id === one.frameId)}
                    index={index}
                    scale={scale}
                    dots={dots}
                    place={place}
                    {...(place && sprites(place))}
                    name={one.photo && names.get(one.photo.photo)}
                    format={piece.format}
                    styles={piece.styles}
                    selected={selection.frameIds.includes(one.frameId)}
                    cropping={selection.cropping}
                    writing={selection.writing === one.frameId}
                  />
                </Fragment>
              )
            })}
            {ofPage && <SpritePicture place={ofPage} scale={scale} dots={dots} {...sprites(ofPage)} />}
            {damaged && (
              <p role="alert" className="absolute inset-x-4 top-4 border-l-4 border-madder bg-paper p-3">
                Page {number} cannot be shown. {damaged} It is left as it is and can be moved or deleted; the other
                pages are whole.
              </p>
            )}
            {view && wanted && device && wanted > device * 1.01 && !selection.cropping && !handle.open?.tried && (
              <FinePicture scene={scene} scale={scale} revision={handle.open?.revision ?? 0} />
            )}
            {scene.bleedMm > 0 && !bare && (
              <div
                aria-hidden
                data-testid="trim"
                className="pointer-events-none absolute inset-0 z-10 outline-1 outline-[#fffdf8]/85 shadow-[0_0_0_2px_rgb(34_41_58/0.45)]"
              />
            )}
            {!selection.cropping && !bare && <GuidesLayer scale={scale} />}
            {frame?.spot && frameScene && !selection.cropping && !selection.writing && (
              <FrameHandles key={frame.id} frame={frame} scene={frameScene} scale={scale} />
            )}
            <DragMarksLayer scale={scale} />
            {band && (
              <span
                aria-hidden
                className="pointer-events-none absolute z-30 border border-woad bg-woad/10"
                style={{ left: px(band.x), top: px(band.y), width: px(band.width), height: px(band.height) }}
              />
            )}
            {selection.writing && frame && frameScene && !bare && (
              <WritingLayer key={`words of ${frame.id}`} frame={frame} scene={frameScene} scale={scale} />
            )}
            {selection.cropping && frameScene?.photo && (
              <CropLayer key={frameScene.frameId} scene={frameScene} scale={scale} />
            )}
          </div>
          {selection.drawing && (
            <p role="status" className="absolute bottom-2 left-1/2 z-30 -translate-x-1/2 bg-ink px-3 py-1 text-linen">
              Drag on the page to draw a frame. Escape leaves it.
            </p>
          )}
          {!selection.cropping && !bare && (
            <DimensionLines
              scale={scale}
              scene={scene}
              aside={beside?.side === 'left' ? px(scene.widthMm) : undefined}
            />
          )}
        </>
      )}
    </main>
  )
}
