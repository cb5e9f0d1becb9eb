import { LengthField } from './LengthField'
import type { UnitFormat } from './units'
import { Slider } from '../fields/Slider'

interface Props {
  label: string
  value: number
  /** The slider's far end in micrometres; the field takes more. */
  most: number
  format: UnitFormat
  wrong?: string
  onPreview: (length: number) => void
  onCommit: (length: number) => void
}

const STEP = 100

/** A length by number, and below it by a slider that shows its effect while it moves. */
export function LengthSlider({ label, value, most, format, wrong, onPreview, onCommit }: Props) {
  return (
    <div>
      <LengthField label={label} value={value} format={format} wrong={wrong} onCommit={onCommit} />
      <Slider label={label} value={value} most={most} step={STEP} onPreview={onPreview} onCommit={onCommit} />
    </div>
  )
}
