import { useState } from 'react'
import { LengthField } from '../measure/LengthField'
import type { UnitFormat } from '../measure/units'

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
  const [sliding, setSliding] = useState<number>()
  const letGo = () => {
    if (sliding !== undefined && sliding !== value) onCommit(sliding)
    setSliding(undefined)
  }
  return (
    <div>
      <LengthField label={label} value={value} format={format} wrong={wrong} onCommit={onCommit} />
      <input
        type="range"
        aria-label={`${label}, slider`}
        className="mt-1 w-full accent-woad"
        min={0}
        max={Math.max(most, value)}
        step={STEP}
        value={sliding ?? value}
        onChange={(event) => {
          setSliding(Number(event.target.value))
          onPreview(Number(event.target.value))
        }}
        onPointerUp={letGo}
        onKeyUp={letGo}
        onBlur={letGo}
      />
    </div>
  )
}
