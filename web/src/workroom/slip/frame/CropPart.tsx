import { Crop as CropIcon, RotateCw } from 'lucide-react'
import type { Crop, PhotoScene } from '../../../api/client'
import { IconButton } from '../../../ui/Button'
import { NumberField } from '../../../fields/NumberField'
import { OneOf } from '../../../fields/OneOf'
import { useRoom } from '../../context'
import { MOST_ZOOM, turnedBy } from '../../piece/cropMath'
import type { Frame } from '../../piece/model'
import { useCrop } from '../../useCrop'
import { Part } from '../Part'
import { FlipIcon } from './FlipIcon'
import { LevelButton } from './LevelButton'
import { ShortOfFrame } from '../retouch/ShortOfFrame'

/** Which part of the photo its frame shows, by numbers. */
export function CropPart({ frame, photo, folded }: { frame: Frame; photo: PhotoScene; folded: boolean }) {
  const { selection, select } = useRoom()
  const changeCrop = useCrop(frame.id)
  const setCrop = (part: Partial<Crop>) => changeCrop((crop) => ({ ...crop, ...part }))
  const { crop } = frame
  const tools = (
    <div className="flex">
      <IconButton
        name="Crop on the page (Enter)"
        aria-pressed={selection.cropping}
        className={selection.cropping ? 'bg-wash' : ''}
        onClick={() => select({ kind: 'crop', on: !selection.cropping })}
      >
        <CropIcon size={17} />
      </IconButton>
      <IconButton name="Turn by a quarter" onClick={() => changeCrop((now) => turnedBy(now, 90))}>
        <RotateCw size={17} />
      </IconButton>
      <IconButton
        name="Flip left to right"
        aria-pressed={crop.flipped}
        className={crop.flipped ? 'bg-wash' : ''}
        onClick={() => changeCrop((now) => ({ ...now, flipped: !now.flipped }))}
      >
        <FlipIcon />
      </IconButton>
    </div>
  )
  return (
    <Part title="Crop" folded={folded} aside={tools}>
      <OneOf
        label="How the photo fits"
        options={{ FILL: 'Fill', WHOLE: 'Whole photo' }}
        value={crop.fit}
        onChange={(fit) => setCrop({ fit })}
      />
      <ShortOfFrame frame={frame} photo={photo} />
      <LevelButton frame={frame} />
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
          value={photo.crop.focusX * 100}
          min={0}
          max={100}
          decimals={1}
          onCommit={(x) => setCrop({ focusX: x / 100, aim: 'HAND' })}
        />
        <NumberField
          label="Centre down"
          suffix="%"
          value={photo.crop.focusY * 100}
          min={0}
          max={100}
          decimals={1}
          onCommit={(y) => setCrop({ focusY: y / 100, aim: 'HAND' })}
        />
      </div>
    </Part>
  )
}
