import { Columns2, Eye, RotateCcw } from 'lucide-react'
import { useState } from 'react'
import type { Adjustments, Edit } from '../../../api/client'
import { NumberField } from '../../../fields/NumberField'
import { Slider } from '../../../fields/Slider'
import { Wrong } from '../../../fields/Wrong'
import { Button, IconButton } from '../../../ui/Button'
import { useRoom } from '../../context'
import { type Frame, isUnchanged, UNCHANGED } from '../../piece/model'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'
import { BeforeAfter } from './BeforeAfter'

type Change = Extract<Edit, { kind: 'patchItems' }>['change']
type Which = Extract<Change, { kind: 'setAdjustment' }>['which']
type Where = Extract<Edit, { kind: 'adjustElsewhere' }>['where']

interface Amount {
  which: Which
  label: string
  suffix: string
  least: number
  most: number
  step: number
  decimals: number
}

const percent = { suffix: '%', least: -100, most: 100, step: 5, decimals: 0 }
const AMOUNTS: Amount[] = [
  { which: 'EXPOSURE', label: 'Exposure', suffix: 'stops', least: -3, most: 3, step: 0.1, decimals: 2 },
  { which: 'BRIGHTNESS', label: 'Brightness', ...percent },
  { which: 'CONTRAST', label: 'Contrast', ...percent },
  { which: 'SATURATION', label: 'Colour', ...percent },
  { which: 'SHADOWS', label: 'Shadows', ...percent },
  { which: 'HIGHLIGHTS', label: 'Highlights', ...percent },
  { which: 'WARMTH', label: 'Warmth', ...percent },
  { which: 'TINT', label: 'Tint', ...percent },
  { which: 'LOCAL_CONTRAST', label: 'Depth nearby', ...percent },
  { which: 'SHARPEN', label: 'Sharper', ...percent, least: 0 },
  { which: 'SOFTEN', label: 'Softer', ...percent, least: 0 },
  { which: 'VIGNETTE', label: 'Dark corners', ...percent },
  { which: 'GRAIN', label: 'Grain', ...percent, least: 0 },
]

/** The light and colour of the photos in these frames, there alone. The first one's numbers are shown. */
export function AdjustPart({ frames }: { frames: Frame[] }) {
  const { page } = useRoom()
  const trial = useTrial()
  /** Where a slider stands that is moved, and what was stored meanwhile. */
  const [moving, setMoving] = useState<{ which: Which; value: number; of: Adjustments }>()
  const [beside, setBeside] = useState(false)
  const shown = frames.filter(({ entry, forPhotos }) => entry && forPhotos)
  const [first] = shown
  if (!first?.photo) return null
  const itemIds = shown.map(({ id }) => id)
  const pageId = page.id
  const edit = (change: Change): Edit => ({ kind: 'patchItems', pageId, itemIds, change })
  const asItWas = edit({ kind: 'setAdjustments', adjustments: UNCHANGED })
  const changed = shown.some(({ adjusted }) => !isUnchanged(adjusted))
  const elsewhere = (where: Where) => trial.set({ kind: 'adjustElsewhere', pageId, frameId: first.id, where })
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
      <IconButton name="Before and after, side by side" disabled={!changed} onClick={() => setBeside(true)}>
        <Columns2 size={17} />
      </IconButton>
      <IconButton name="As it was" disabled={!changed} onClick={() => trial.set(asItWas)}>
        <RotateCcw size={17} />
      </IconButton>
    </div>
  )
  return (
    <Part title="Light and colour" folded={!changed} aside={tools}>
      <div className="flex gap-2">
        <Button
          className="flex-1 px-1!"
          title="White, light and contrast, worked out from the photo"
          onClick={() => trial.set({ kind: 'adjustByItself', pageId, itemIds })}
        >
          Put right by itself
        </Button>
        {shown.length > 1 && (
          <Button
            className="flex-1 px-1!"
            title="The others get the white, light and contrast of the first one"
            onClick={() => trial.set({ kind: 'makeAlike', pageId, itemIds, likeId: first.id })}
          >
            Like the first
          </Button>
        )}
      </div>
      <div className="grid grid-cols-2 gap-x-3 gap-y-1">
        {AMOUNTS.map(({ which, label, suffix, least, most, step, decimals }) => {
          const amount = first.adjusted.amounts[which] ?? 0
          const to = (value: number) => edit({ kind: 'setAdjustment', which, amount: value })
          return (
            <div key={which}>
              <NumberField
                label={label}
                suffix={suffix}
                value={moving?.which === which && moving.of === first.adjusted ? moving.value : amount}
                min={least}
                max={most}
                step={step}
                decimals={decimals}
                onCommit={(value) => trial.set(to(value))}
              />
              <Slider
                label={label}
                value={amount}
                least={least}
                most={most}
                step={most / 100}
                onPreview={(value) => {
                  setMoving({ which, value, of: first.adjusted })
                  void trial.show(to(value))
                }}
                onCommit={(value) => trial.set(to(value))}
              />
            </div>
          )
        })}
      </div>
      {changed && (
        <div role="group" aria-label="The same, treatment and all, for" className="flex flex-wrap items-center gap-2">
          <span className="w-full text-[13px] text-soft">The same, treatment and all, for</span>
          <Button className="flex-1 px-1!" onClick={() => elsewhere('SAME_PHOTO')}>
            its other uses
          </Button>
          <Button className="flex-1 px-1!" onClick={() => elsewhere('PAGE')}>
            this page
          </Button>
          <Button className="flex-1 px-1!" onClick={() => elsewhere('PIECE')}>
            all pages
          </Button>
        </div>
      )}
      {wrong && <Wrong>{wrong}</Wrong>}
      {beside && <BeforeAfter photo={first.photo} adjusted={first.adjusted} onClose={() => setBeside(false)} />}
    </Part>
  )
}
