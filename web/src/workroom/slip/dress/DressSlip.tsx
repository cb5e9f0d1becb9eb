import type { CaptionStyle } from '../../../api/client'
import { ColourChoice } from '../../paint/ColourChoice'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { OrnamentsPart } from '../../ornaments/OrnamentsPart'
import { FrameStylesPart } from '../../styles/FrameStylesPart'
import { ShapesPart } from '../../shapes/ShapesPart'
import { ThemesPart } from '../../themes/ThemesPart'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'
import { EdgeField } from './EdgeField'
import { GroundFields } from './GroundFields'
import { AddWords } from '../words/AddWords'

const SHOWN: Record<CaptionStyle['show'], string> = {
  WRITTEN: 'where something is written',
  ALWAYS: 'with each photo, written or not',
  NONE: 'not at all',
}

const PLACES: Record<CaptionStyle['place'], string> = {
  BELOW: 'below the photo',
  ABOVE: 'above the photo',
  ON_PICTURE: 'on the photo, on a ground to read them',
}

/** How all pages and frames look. Sliders and colours show their effect on the bench before they are let go. */
export function DressSlip() {
  const { stored } = useRoom()
  const trial = useTrial()
  const others = trial.aboutOthers([])
  const { styles, format } = stored
  const { captions } = styles
  const setCaption = (change: Partial<CaptionStyle>) =>
    trial.set(({ stored: now }) => ({
      kind: 'setCaptionStyle',
      captions: { ...now.styles.captions, ...change },
    }))
  return (
    <>
      <Part title="Page">
        <GroundFields />
        {format.bleed > 0 && <EdgeField />}
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={styles.cutMarks === 'FINE'}
            onChange={(event) => trial.set({ kind: 'setCutMarks', marks: event.target.checked ? 'FINE' : 'NONE' })}
          />
          Fine lines where photos are cut out
        </label>
      </Part>
      <ThemesPart />
      <FrameStylesPart />
      <AddWords />
      <OrnamentsPart />
      <ShapesPart />
      <Part title="Captions">
        <Choice label="Words stand" options={SHOWN} value={captions.show} onChange={(show) => setCaption({ show })} />
        {captions.show !== 'NONE' && (
          <Choice label="Where" options={PLACES} value={captions.place} onChange={(place) => setCaption({ place })} />
        )}
        <TypefaceChoice label="Typeface" value={captions.typeface} onChange={(typeface) => setCaption({ typeface })} />
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Size"
            suffix="pt"
            value={captions.sizePt}
            min={4}
            max={144}
            decimals={1}
            onCommit={(sizePt) => setCaption({ sizePt })}
          />
          <NumberField
            label="Lines at most"
            value={captions.lines}
            min={1}
            max={4}
            onCommit={(lines) => setCaption({ lines })}
          />
        </div>
        {others && <Wrong>{others}</Wrong>}
        <ColourChoice
          label="Caption colour"
          value={captions.colour}
          onPreview={(colour) => trial.show({ kind: 'setCaptionStyle', captions: { ...captions, colour } })}
          onCommit={(colour) => setCaption({ colour })}
        />
      </Part>
    </>
  )
}
