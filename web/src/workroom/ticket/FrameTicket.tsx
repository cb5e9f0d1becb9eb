import { Crop as CropIcon, FlipHorizontal2, RotateCw, Trash2 } from 'lucide-react'
import { type Box, type Crop, type FrameScene, type GridLines, smallPicture } from '../../api/client'
import { Button, IconButton } from '../../ui/Button'
import { NumberField } from '../../ui/NumberField'
import { WeaveGauge } from '../../ui/WeaveGauge'
import { gridOf, slotOf } from '../piece/arrangement'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'
import { MOST_ZOOM, turnedBy } from '../piece/cropMath'
import { useCrop } from '../useCrop'
import { BorderPart } from './BorderPart'
import { CaptionField } from './CaptionField'
import { MarksPart } from './MarksPart'
import { PlacePart } from './PlacePart'
import { SubjectPart } from './SubjectPart'

function placeInGrid(cell: Box, lines: GridLines | undefined): string {
  if (!lines) return ''
  const { row, column } = slotOf(cell, lines)
  return `row ${row + 1}, column ${column + 1}`
}

/** A frame's ticket: its photo and sharpness, its place, its crop, its words. Every number is a field. */
export function FrameTicket({ frame, scene }: { frame: Frame; scene: FrameScene }) {
  const { page, scene: pageScene, photos, handle, selection, select } = useRoom()
  const photo = photos.find(({ entryId }) => entryId === frame.entry)
  const at = { pageId: page.id, frameId: frame.id }
  const index = page.frames.indexOf(frame)
  const grid = gridOf(page)
  const place = frame.spot ? 'lies freely' : grid ? placeInGrid(scene.box, pageScene?.grid) : `of ${page.frames.length}`
  const changeCrop = useCrop(frame.id)
  const setCrop = (part: Partial<Crop>) => changeCrop((crop) => ({ ...crop, ...part }))
  const { crop } = frame
  return (
    <>
      <h2 className="pt-3 pb-2 text-base font-semibold">
        Frame {index + 1} <span className="font-normal text-soft">{place}</span>
      </h2>
      {photo && scene.photo ? (
        <div className="flex gap-3 border-t border-line py-2">
          <img alt="" src={smallPicture(photo.id)} className="size-16 shrink-0 object-cover" />
          <div className="min-w-0">
            <p className="truncate font-semibold" title={photo.fileName}>
              {photo.fileName}
            </p>
            <p className="text-[13px] leading-4 text-soft">
              {photo.width} × {photo.height} px
            </p>
            <WeaveGauge sharpness={scene.photo.sharpness} ppi={scene.photo.ppi} />
          </div>
        </div>
      ) : (
        <p className="border-t border-line py-2 text-soft">
          Empty. Drag a photo here from the drawer, or press one there.
        </p>
      )}
      <PlacePart frame={frame} scene={scene} />
      {scene.photo && (
        <section aria-label="Crop" className="border-t border-line py-2">
          <div className="mb-2 flex items-center justify-between">
            <h3 className="font-semibold">Crop</h3>
            <div className="flex">
              <IconButton
                name="Crop on the page (Enter)"
                aria-pressed={selection.cropping}
                className={selection.cropping ? 'bg-wash' : ''}
                onClick={() => select({ kind: 'crop', on: !selection.cropping })}
              >
                <CropIcon size={17} />
              </IconButton>
              <IconButton name="Turn by a quarter" onClick={() => changeCrop((crop) => turnedBy(crop, 90))}>
                <RotateCw size={17} />
              </IconButton>
              <IconButton
                name="Flip left to right"
                aria-pressed={crop.flipped}
                className={crop.flipped ? 'bg-wash' : ''}
                onClick={() => changeCrop((crop) => ({ ...crop, flipped: !crop.flipped }))}
              >
                <FlipHorizontal2 size={17} />
              </IconButton>
            </div>
          </div>
          <div role="radiogroup" aria-label="How the photo fits" className="mb-2 grid grid-cols-2">
            {(['FILL', 'WHOLE'] as const).map((fit) => (
              <button
                key={fit}
                role="radio"
                aria-checked={crop.fit === fit}
                onClick={() => setCrop({ fit })}
                className={`h-8 border ${crop.fit === fit ? 'border-woad bg-wash font-semibold' : 'border-line bg-paper hover:border-woad'}`}
              >
                {fit === 'FILL' ? 'Fill' : 'Whole photo'}
              </button>
            ))}
          </div>
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label="Zoom"
              suffix="%"
              value={crop.zoom * 100}
              min={100}
              max={MOST_ZOOM * 100}
              step={5}
              onCommit={(zoom) => setCrop({ zoom: zoom / 100, fit: 'FILL' })}
            />
            <NumberField
              label="Turn"
              suffix="°"
              value={crop.turnDegrees}
              min={-180}
              max={180}
              decimals={1}
              onCommit={(turnDegrees) => setCrop({ turnDegrees })}
            />
            <NumberField
              label="Centre across"
              suffix="%"
              value={scene.photo.crop.focusX * 100}
              min={0}
              max={100}
              decimals={1}
              onCommit={(x) => setCrop({ focusX: x / 100, aim: 'HAND' })}
            />
            <NumberField
              label="Centre down"
              suffix="%"
              value={scene.photo.crop.focusY * 100}
              min={0}
              max={100}
              decimals={1}
              onCommit={(y) => setCrop({ focusY: y / 100, aim: 'HAND' })}
            />
          </div>
        </section>
      )}
      {photo && scene.photo && <SubjectPart photo={photo} scene={scene} />}
      <BorderPart frames={[frame]} />
      {scene.photo && <MarksPart frame={frame} />}
      <CaptionField key={frame.caption} frame={frame} scene={scene} />
      {scene.photo && (
        <Button className="mt-3 shrink-0" onClick={() => void handle.edit({ kind: 'emptyFrame', ...at })}>
          <Trash2 size={16} /> Empty this frame
        </Button>
      )}
    </>
  )
}
