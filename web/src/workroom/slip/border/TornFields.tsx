import { Dices } from 'lucide-react'
import type { Outline } from '../../../api/client'
import { LengthSlider } from '../../../measure/LengthSlider'
import type { UnitFormat } from '../../../measure/units'
import { Button } from '../../../ui/Button'

type TornOutline = Extract<Outline, { kind: 'torn' }>

const SIDES = { top: 'above', right: 'right', bottom: 'below', left: 'left' } as const
const MOST_SEED = 1_000_000

/** A sheet torn on all sides, so rough as suits the page. Micrometres. */
export const tornFor = (shorterSide: number): TornOutline => ({
  kind: 'torn',
  top: true,
  right: true,
  bottom: true,
  left: true,
  roughness: Math.max(500, Math.round(shorterSide / 100 / 100) * 100),
  seed: Math.floor(Math.random() * MOST_SEED),
})

interface Props {
  outline: TornOutline
  format: UnitFormat & { width: number; height: number }
  onPreview: (outline: TornOutline) => void
  onCommit: (outline: TornOutline) => void
}

/** Which sides of a print are torn and how rough; torn again for another course. */
export function TornFields({ outline, format, onPreview, onCommit }: Props) {
  return (
    <fieldset className="space-y-2">
      <legend className="text-[13px] text-soft">Torn on these sides</legend>
      <div className="flex flex-wrap gap-x-4">
        {(Object.entries(SIDES) as [keyof typeof SIDES, string][]).map(([side, name]) => (
          <label key={side} className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-woad"
              checked={outline[side]}
              onChange={(event) => onCommit({ ...outline, [side]: event.target.checked })}
            />
            {name}
          </label>
        ))}
      </div>
      <LengthSlider
        label="Edge wavers by"
        value={outline.roughness}
        most={Math.min(format.width, format.height) / 25}
        format={format}
        onPreview={(roughness) => onPreview({ ...outline, roughness })}
        onCommit={(roughness) => onCommit({ ...outline, roughness })}
      />
      <Button className="w-full" onClick={() => onCommit({ ...outline, seed: (outline.seed + 1) % MOST_SEED })}>
        <Dices size={16} /> Tear it again
      </Button>
    </fieldset>
  )
}
