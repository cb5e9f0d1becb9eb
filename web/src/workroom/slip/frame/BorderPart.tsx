import { Hand, Shirt, SquareStack } from 'lucide-react'
import { Button, IconButton } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { Wrong } from '../../../fields/Wrong'
import { KeepStyle } from '../../styles/KeepStyle'
import { WornStyle } from '../../styles/WornStyle'
import { BorderFields } from '../../styles/BorderFields'
import { Part } from '../Part'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import type { Frame } from '../../piece/model'
import { type Border, borderOf, differenceOf, styleOf, usualStyle } from '../../piece/styles'
import { useLooks } from '../../styles/useLooks'
import { useTrial } from '../../useTrial'

const FORMS: Record<Frame['outline']['kind'], string> = { rect: 'rectangle', ellipse: 'oval' }

const PROPERTIES: Record<string, string> = {
  'bandWidth 0': 'width',
  'bandColour 0': 'colour',
  'bandSide 0': 'side',
  cornerRadius: 'corners',
  shadow: 'shadow',
}
const propertyOf = (difference: Frame['style']['differences'][number]) =>
  'band' in difference
    ? `${difference.kind} ${difference.band}`
    : difference.kind === 'shadowCast'
      ? 'shadow'
      : difference.kind

/** The look of the selected frames: that of all frames, and in what they differ from it. */
export function BorderPart({ frames, folded = false }: { frames: Frame[]; folded?: boolean }) {
  const { stored, storedPage, page } = useRoom()
  const { selectAlike, patch } = useFrameDoings()
  const looks = useLooks()
  const { show, set, about, aboutOthers } = useTrial()
  const last = frames.at(-1)
  if (!last) return null
  // Fields start from what is stored, while the page may show a try.
  const kept = storedPage.frames.find(({ id }) => id === last.id) ?? last
  const border = borderOf(styleOf(kept, stored.styles))
  const others = aboutOthers(['bandWidth', 'cornerRadius'])
  const worn = (stored.styles.frames.find(({ id }) => id === kept.style.style) ?? usualStyle(stored.styles)).name
  const differing = kept.style.differences.map(propertyOf)
  const edit = (change: Partial<Border>) => {
    const difference = differenceOf(change)
    return (
      difference && {
        kind: 'patchItems' as const,
        pageId: page.id,
        itemIds: frames.map(({ id }) => id),
        change: { kind: 'differ' as const, difference },
      }
    )
  }
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
        <WornStyle frames={frames} like={kept} />
        <BorderFields
          border={border}
          format={stored.format}
          wrong={about}
          onPreview={(change) => {
            const tried = edit(change)
            if (tried) show(tried)
          }}
          onCommit={(change) => set(() => edit(change) ?? null)}
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
                  Put back {PROPERTIES[property] ?? property}
                </Button>
              ))}
            </div>
          </div>
        )}
        <div className="grid grid-cols-2 gap-2">
          <Choice
            label="Form"
            options={FORMS}
            value={kept.outline.kind}
            onChange={(kind) => patch({ kind: 'setOutline', outline: { kind } })}
          />
          <NumberField
            label="Solid"
            suffix="%"
            value={kept.opacity * 100}
            min={0}
            max={100}
            step={5}
            onCommit={(percent) => patch({ kind: 'setOpacity', opacity: percent / 100 })}
          />
        </div>
        <KeepStyle frames={frames} like={kept} />
      </div>
      {others && <Wrong className="pt-1">{others}</Wrong>}
    </Part>
  )
}
