import { Eye, RotateCcw } from 'lucide-react'
import type { Edit } from '../../../api/client'
import { NumberField } from '../../../fields/NumberField'
import { Slider } from '../../../fields/Slider'
import { Wrong } from '../../../fields/Wrong'
import { IconButton } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'

type Change = Extract<Edit, { kind: 'patchItems' }>['change']
type Which = Extract<Change, { kind: 'setAdjustment' }>['which']

interface Amount {
  which: Which
  label: string
  suffix?: string
  most: number
  step: number
  decimals: number
}

const percent = { most: 100, step: 5, decimals: 0 }
const AMOUNTS: Amount[] = [
  { which: 'EXPOSURE', label: 'Exposure', suffix: 'stops', most: 3, step: 0.1, decimals: 2 },
  { which: 'BRIGHTNESS', label: 'Brightness', ...percent },
  { which: 'CONTRAST', label: 'Contrast', ...percent },
  { which: 'SATURATION', label: 'Colour', ...percent },
  { which: 'SHADOWS', label: 'Shadows', ...percent },
  { which: 'HIGHLIGHTS', label: 'Highlights', ...percent },
  { which: 'WARMTH', label: 'Warmth', ...percent },
  { which: 'TINT', label: 'Tint', ...percent },
]

/** The light and colour of the photos in these frames, there alone. The first one's numbers are shown. */
export function AdjustPart({ frames }: { frames: Frame[] }) {
  const { page } = useRoom()
  const trial = useTrial()
  const shown = frames.filter(({ entry, forPhotos }) => entry && forPhotos)
  const [first] = shown
  if (!first) return null
  const itemIds = shown.map(({ id }) => id)
  const edit = (change: Change): Edit => ({ kind: 'patchItems', pageId: page.id, itemIds, change })
  const asItWas = edit({ kind: 'setAdjustments', adjustments: { amounts: {} } })
  const changed = shown.some(({ adjusted }) => Object.keys(adjusted).length > 0)
  const before = () => void trial.show(asItWas)
  const wrong = trial.aboutOthers([])
  const tools = (
    <div className="flex">
      <IconButton
        name="Before, while it is held"
        disabled={!changed}
        onPointerDown={before}
        onPointerUp={trial.end}
        onPointerLeave={trial.end}
        onKeyDown={({ key, repeat }) => (key === ' ' || key === 'Enter') && !repeat && before()}
        onKeyUp={trial.end}
        onBlur={trial.end}
      >
        <Eye size={17} />
      </IconButton>
      <IconButton name="As it was" disabled={!changed} onClick={() => trial.set(asItWas)}>
        <RotateCcw size={17} />
      </IconButton>
    </div>
  )
  return (
    <Part title="Light and colour" folded={!changed} aside={tools}>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {AMOUNTS.map(({ which, label, suffix, most, step, decimals }) => {
          const amount = first.adjusted[which] ?? 0
          const to = (value: number) => edit({ kind: 'setAdjustment', which, amount: value })
          return (
            <div key={which}>
              <NumberField
                label={label}
                suffix={suffix ?? '%'}
                value={amount}
                min={-most}
                max={most}
                step={step}
                decimals={decimals}
                onCommit={(value) => trial.set(to(value))}
              />
              <Slider
                label={label}
                value={amount}
                least={-most}
                most={most}
                step={most / 100}
                onPreview={(value) => void trial.show(to(value))}
                onCommit={(value) => trial.set(to(value))}
              />
            </div>
          )
        })}
      </div>
      {wrong && <Wrong>{wrong}</Wrong>}
    </Part>
  )
}
