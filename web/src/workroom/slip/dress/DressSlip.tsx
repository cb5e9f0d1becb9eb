import { useRoom } from '../../context'
import { OrnamentsPart } from '../../ornaments/OrnamentsPart'
import { FrameStylesPart } from '../../styles/FrameStylesPart'
import { ShapesPart } from '../../shapes/ShapesPart'
import { ThemesPart } from '../../themes/ThemesPart'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'
import { CaptionsPart } from './CaptionsPart'
import { EdgeField } from './EdgeField'
import { FolioPart } from './FolioPart'
import { GroundFields } from './GroundFields'
import { AddWords } from '../words/AddWords'

/** How all pages and frames look. Sliders and colours show their effect on the bench before they are let go. */
export function DressSlip() {
  const { stored } = useRoom()
  const trial = useTrial()
  const { styles, format } = stored
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
      <CaptionsPart />
      <FolioPart />
    </>
  )
}
