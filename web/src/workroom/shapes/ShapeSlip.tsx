import { Trash2 } from 'lucide-react'
import type { FrameScene, ItemChange, Rule } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { Wrong } from '../../fields/Wrong'
import { LengthSlider } from '../../measure/LengthSlider'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { ColourChoice } from '../paint/ColourChoice'
import { PaintField } from '../paint/PaintField'
import type { Frame } from '../piece/model'
import { FrameList } from '../slip/arrange/FrameList'
import { BorderPart } from '../slip/border/BorderPart'
import { LaidPart } from '../slip/border/LaidPart'
import { PlacePart } from '../slip/frame/PlacePart'
import { Part } from '../slip/Part'
import { Selected } from '../slip/Selected'
import { useTrial } from '../useTrial'

const STROKES: Record<Rule['stroke'], string> = {
  PLAIN: 'plain',
  DOUBLE: 'double',
  THICK_AND_FINE: 'thick and fine',
  DASHES: 'dashes',
  DOTS: 'dots',
}
const FINEST = 100

/** A box or a line: what it is made of, and where it lies. */
export function ShapeSlip({ frame, scene }: { frame: Frame; scene: FrameScene }) {
  const { stored, storedPage, handle } = useRoom()
  const trial = useTrial()
  const kept = storedPage.frames.find(({ id }) => id === frame.id) ?? frame
  const patch = (change: ItemChange) => ({
    kind: 'patchItems' as const,
    pageId: storedPage.id,
    itemIds: [frame.id],
    change,
  })
  const wrong = trial.aboutOthers([])
  const name = kept.rule ? 'Line' : 'Box'
  const { rule, box } = kept
  const ruled = (change: Partial<Rule>) => rule && patch({ kind: 'setRule', rule: { ...rule, ...change } })
  const show = (edit: ReturnType<typeof ruled>) => edit && trial.show(edit)
  const set = (edit: ReturnType<typeof ruled>) => edit && trial.set(edit)
  return (
    <>
      <Selected name={name}>
        <span className="font-normal text-soft">{frame.spot ? 'lies freely' : 'in the arrangement'}</span>
      </Selected>
      {box && (
        <Part title="What covers it">
          <PaintField
            what="Box"
            value={box}
            format={stored.format}
            onPreview={(paint) => show(patch({ kind: 'paintBox', paint }))}
            onCommit={(paint) => set(patch({ kind: 'paintBox', paint }))}
          />
        </Part>
      )}
      {rule && (
        <Part title="The line">
          <Choice
            label="Drawn as"
            options={STROKES}
            value={rule.stroke}
            onChange={(stroke) => set(ruled({ stroke }))}
          />
          <LengthSlider
            label="Thickness"
            value={rule.thickness}
            most={Math.min(stored.format.width, stored.format.height) / 60}
            format={stored.format}
            onPreview={(thickness) => thickness >= FINEST && show(ruled({ thickness }))}
            onCommit={(thickness) => set(ruled({ thickness: Math.max(FINEST, thickness) }))}
          />
          <ColourChoice
            label="Line’s colour"
            value={rule.colour}
            onPreview={(colour) => show(ruled({ colour }))}
            onCommit={(colour) => set(ruled({ colour }))}
          />
        </Part>
      )}
      {wrong && <Wrong>{wrong}</Wrong>}
      {box ? <BorderPart frames={[frame]} /> : <LaidPart frames={[frame]} />}
      <PlacePart frame={frame} scene={scene} folded={false} />
      <FrameList />
      <Button
        className="mt-2 w-full shrink-0"
        onClick={() => void handle.edit({ kind: 'removeItems', pageId: storedPage.id, itemIds: [frame.id] })}
      >
        <Trash2 size={16} /> Take the {name.toLowerCase()} out
      </Button>
    </>
  )
}
