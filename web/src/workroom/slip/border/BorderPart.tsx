import type { Ornament, Outline, StyleDifference } from '../../../api/client'
import { Hand, Shirt, SquareStack } from 'lucide-react'
import { Button, IconButton } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { Wrong } from '../../../fields/Wrong'
import { KeepStyle } from '../../styles/KeepStyle'
import { StyleChooser } from '../../styles/StyleChooser'
import { StyleFields } from '../../styles/StyleFields'
import { Part } from '../Part'
import { useOrnaments } from '../../ornaments/useOrnaments'
import { OutlineFile } from './OutlineFile'
import { LaidFields } from './LaidFields'
import { TornFields, tornFor } from './TornFields'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import type { Frame } from '../../piece/model'
import { propertyOf, styleOf, usualStyle } from '../../piece/styles'
import { useLooks } from '../../styles/useLooks'
import { useTrial } from '../../useTrial'

const FORMS = {
  rect: 'rectangle',
  ellipse: 'oval',
  ARCH: 'arch',
  HEXAGON: 'hexagon',
  DIAMOND: 'diamond',
  STAR: 'star',
  HEART: 'heart',
  LEAF: 'leaf',
  SPEECH: 'speech',
  torn: 'torn paper',
}
const RING = { ringed: 'in a ring' }
/** The form of a letter or of a person's own drawing, which only its frames have. */
const traced = ({ name }: { name: string }) => ({ traced: name.length === 1 ? 'letter' : name })
type FormName = keyof typeof FORMS | keyof typeof RING | 'traced'

const formOf = (outline: Outline): FormName => (outline.kind === 'drawn' ? outline.form : outline.kind)
const outlineOf = (form: keyof typeof FORMS, shorterSide: number): Outline => {
  if (form === 'torn') return tornFor(shorterSide)
  return form === 'rect' || form === 'ellipse' ? { kind: form } : { kind: 'drawn', form }
}
const inRing = ({ drawing, parts }: Ornament): Outline => ({
  kind: 'ringed',
  ring: drawing,
  colours: parts.map(({ usual }) => usual),
})

const PROPERTIES: Record<string, string> = {
  'bandWidth 0': 'width',
  'bandPaint 0': 'colour',
  'bandSide 0': 'side',
  'bandBevel 0': 'bevel',
  corners: 'corners',
  foot: 'foot',
  shadow: 'shadow',
  innerShadow: 'shadow on the picture',
  glow: 'glow',
  softEdge: 'soft edge',
  reflection: 'reflection',
  fastening: 'what holds it',
  tilt: 'tilt',
}
const BANDED = /^band(Width|Paint|Side|Bevel) (\d+)$/
const called = (property: string) =>
  PROPERTIES[property] ??
  property.replace(
    BANDED,
    (_, what: string, band: string) => `border ${Number(band) + 1}, ${PROPERTIES[`band${what} 0`] ?? what}`,
  )

/** The look of the selected frames: that of all frames, and in what they differ from it. */
export function BorderPart({ frames, folded = false }: { frames: Frame[]; folded?: boolean }) {
  const { stored, storedPage, page } = useRoom()
  const { selectAlike, patch } = useFrameDoings()
  const looks = useLooks()
  const trial = useTrial()
  const { show, set, about, aboutOthers } = trial
  const ring = useOrnaments().find(({ family }) => family === 'RING')
  const last = frames.at(-1)
  if (!last) return null
  // Fields start from what is stored, while the page may show a try.
  const kept = storedPage.frames.find(({ id }) => id === last.id) ?? last
  const style = styleOf(kept, stored.styles)
  const others = aboutOthers(['bandWidth', 'cornerRadius'])
  const worn = (stored.styles.frames.find(({ id }) => id === kept.style.style) ?? usualStyle(stored.styles)).name
  const differing = kept.style.differences.map(propertyOf)
  const outlined = (outline: Outline) => ({
    kind: 'patchItems' as const,
    pageId: page.id,
    itemIds: frames.map(({ id }) => id),
    change: { kind: 'setOutline' as const, outline },
  })
  const edit = (difference: StyleDifference) => ({
    kind: 'patchItems' as const,
    pageId: page.id,
    itemIds: frames.map(({ id }) => id),
    change: { kind: 'differ' as const, difference },
  })
  return (
    <Part
      title="Border"
      folded={folded}
      aside={
        <div className="flex">
          <IconButton name="Pick up this look" onClick={() => looks.pickUp(kept)}>
            <Hand size={17} />
          </IconButton>
          <IconButton
            name="Put the look that was picked up on"
            disabled={!looks.picked?.frame}
            onClick={() => void looks.putOn(frames)}
          >
            <Shirt size={17} />
          </IconButton>
          <IconButton name="Select all with the same border (A)" onClick={selectAlike}>
            <SquareStack size={17} />
          </IconButton>
        </div>
      }
    >
      <div className="space-y-2">
        <StyleChooser frames={frames} like={kept} />
        <StyleFields
          style={style}
          format={stored.format}
          wrong={about}
          onPreview={(difference) => show(edit(difference))}
          onCommit={(difference) => set(() => edit(difference))}
        />
        {differing.length > 0 && (
          <div role="group" aria-label="Differs from its style" className="text-[13px] leading-5">
            <p className="text-soft">Differs from “{worn}” in:</p>
            <div className="flex flex-wrap gap-1 pt-1">
              {differing.map((property) => (
                <Button
                  key={property}
                  className="h-7! px-2! text-[13px] font-normal!"
                  onClick={() => patch({ kind: 'putBack', property })}
                >
                  Put back {called(property)}
                </Button>
              ))}
            </div>
          </div>
        )}
        <div>
          <Choice<string>
            label="Form"
            options={{
              ...FORMS,
              ...(ring && RING),
              ...(kept.outline.kind === 'traced' && traced(kept.outline)),
            }}
            value={formOf(kept.outline)}
            onChange={(form) => {
              if (form === 'ringed' && ring) patch({ kind: 'setOutline', outline: inRing(ring) })
              else if (form in FORMS)
                patch({
                  kind: 'setOutline',
                  outline: outlineOf(form as keyof typeof FORMS, Math.min(stored.format.width, stored.format.height)),
                })
            }}
          />
        </div>
        <OutlineFile frames={frames} />
        <LaidFields kept={kept} itemIds={frames.map(({ id }) => id)} trial={trial} />
        {kept.outline.kind === 'torn' && (
          <TornFields
            outline={kept.outline}
            format={stored.format}
            onPreview={(outline) => show(outlined(outline))}
            onCommit={(outline) => set(() => outlined(outline))}
          />
        )}
        <KeepStyle frames={frames} like={kept} />
      </div>
      {others && <Wrong className="pt-1">{others}</Wrong>}
    </Part>
  )
}
