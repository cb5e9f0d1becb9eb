import { Trash2, Type } from 'lucide-react'
import { type Box, type FrameScene, type GridLines, smallPicture } from '../../../api/client'
import { saySize } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { WeaveGauge } from '../../../ui/WeaveGauge'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { gridOf, slotOf } from '../../piece/arrangement'
import type { Frame } from '../../piece/model'
import { useWords } from '../../words/useWords'
import { MountPart } from '../../mounts/MountPart'
import { OrnamentFields } from '../../ornaments/OrnamentFields'
import { FrameList } from '../arrange/FrameList'
import { SharpUpTo } from './SharpUpTo'
import { Selected } from '../Selected'
import { BorderPart } from '../border/BorderPart'
import { AdjustPart } from './AdjustPart'
import { TreatmentPart } from './TreatmentPart'
import { CaptionField } from './CaptionField'
import { ByHandPart } from '../retouch/ByHandPart'
import { CutOutPart } from '../retouch/CutOutPart'
import { CropPart } from './CropPart'
import { MosaicPart } from './MosaicPart'
import { MarksPart } from './MarksPart'
import { InAlbumPart } from '../album/InAlbumPart'
import { LayAcross } from '../album/LayAcross'
import { PicturePart } from './PicturePart'
import { PlacePart } from './PlacePart'
import { SubjectPart } from './SubjectPart'

function placeInGrid(cell: Box, lines: GridLines | undefined): string {
  if (!lines) return ''
  const { row, column } = slotOf(cell, lines)
  return `row ${row + 1}, column ${column + 1}`
}

/** One frame: its photo and words first, then what the station is about, then the rest, folded. */
export function FrameSlip({ frame, scene }: { frame: Frame; scene: FrameScene }) {
  const doings = useFrameDoings()
  const { piece, page, scene: pageScene, photos, handle, station, select } = useRoom()
  const { write } = useWords()
  const photo = photos.find(({ entryId }) => entryId === frame.entry)
  const index = page.frames.indexOf(frame)
  const grid = gridOf(page)
  const place = frame.spot ? 'lies freely' : grid ? placeInGrid(scene.box, pageScene?.grid) : `of ${page.frames.length}`
  const beginWords = async () => {
    if (!(await write(frame.id, ''))) select({ kind: 'write', pageId: page.id, frameId: frame.id })
  }
  const dressing = station === 'dress'
  return (
    <>
      <Selected name={`Frame ${index + 1}`}>
        <span className="font-normal text-soft">{place}</span>
      </Selected>
      {photo && scene.photo ? (
        <>
          <div className="flex gap-3 pb-2">
            <img alt="" src={smallPicture(photo.id)} className="size-16 shrink-0 object-cover" />
            <div className="min-w-0">
              <p className="truncate font-semibold" title={photo.fileName}>
                {photo.fileName}
              </p>
              <p className="truncate text-[13px] leading-4 text-soft">
                {photo.width} × {photo.height} px on{' '}
                {saySize(scene.box.width * 1000, scene.box.height * 1000, piece.format)}
              </p>
              <WeaveGauge sharpness={scene.photo.sharpness} ppi={scene.photo.ppi} />
            </div>
          </div>
          <SharpUpTo scene={scene} />
        </>
      ) : (
        <>
          <p className="pb-2 text-soft">Empty. Drag a photo here from the tray, or press one there.</p>
          <Button className="mb-2 w-full" onClick={() => void beginWords()}>
            <Type size={16} /> Write words in it
          </Button>
        </>
      )}
      {frame.outline.kind === 'ringed' && (
        <OrnamentFields
          title="The ring"
          frame={frame}
          drawn={{ drawing: frame.outline.ring, colours: frame.outline.colours }}
        />
      )}
      <CaptionField key={frame.id} frame={frame} scene={scene} />
      {dressing && (
        <>
          <BorderPart frames={[frame]} />
          <MountPart frames={[frame]} />
        </>
      )}
      {frame.item.fill.kind === 'through' && (
        <>
          <p className="border-t border-line py-2 text-soft">
            A window onto its part of one photo, which runs on in the other parts.
          </p>
          <PicturePart frame={frame} />
          <Button className="mb-3 w-full" aria-keyshortcuts="W" onClick={doings.toggleWindow}>
            Let this window go (W)
          </Button>
        </>
      )}
      {frame.item.fill.kind !== 'through' && frame.forPhotos && page.pictures.length > 0 && (
        <div className="border-t border-line py-2">
          <Button className="w-full" aria-keyshortcuts="W" onClick={doings.toggleWindow}>
            Take part in the photo behind (W)
          </Button>
        </div>
      )}
      {scene.photo && frame.item.fill.kind === 'ownPhoto' && (
        <CropPart frame={frame} photo={scene.photo} folded={dressing} />
      )}
      <AdjustPart key={`light of ${frame.id}`} frames={[frame]} />
      <TreatmentPart key={`treatment of ${frame.id}`} frames={[frame]} />
      {frame.entry && <CutOutPart key={`cut-out of ${frame.id}`} frame={frame} />}
      {frame.entry && <ByHandPart key={`by hand of ${frame.id}`} frame={frame} />}
      {frame.entry && <MosaicPart key={`mosaic of ${frame.id}`} frame={frame} />}
      <PlacePart frame={frame} scene={scene} folded={dressing} />
      {!dressing && <BorderPart frames={[frame]} folded />}
      {photo && scene.photo && frame.item.fill.kind === 'ownPhoto' && <SubjectPart photo={photo} scene={scene} />}
      {scene.photo && <MarksPart frame={frame} />}
      <InAlbumPart frame={frame} />
      <FrameList />
      {frame.entry && frame.item.fill.kind === 'ownPhoto' && <LayAcross entryId={frame.entry} />}
      {scene.photo && (
        <Button
          className="mt-2 w-full shrink-0"
          onClick={() => void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: frame.id })}
        >
          <Trash2 size={16} /> Empty this frame
        </Button>
      )}
    </>
  )
}
