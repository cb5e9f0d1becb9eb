import { NumberField } from './NumberField'
import { Slider } from './Slider'

interface Props {
  label: string
  /** 0 to 1. */
  value: number
  /** Percent. */
  most?: number
  onPreview: (share: number) => void
  onCommit: (share: number) => void
}

/** A share in percent by number, and below it by a slider that shows its effect while it moves. */
export function PercentSlider({ label, value, most = 100, onPreview, onCommit }: Props) {
  const take = (percent: number) => onCommit(percent / 100)
  return (
    <div>
      <NumberField label={label} suffix="%" value={value * 100} min={0} max={most} step={5} onCommit={take} />
      <Slider
        label={label}
        value={Math.round(value * 100)}
        most={most}
        step={1}
        onPreview={(percent) => onPreview(percent / 100)}
        onCommit={take}
      />
    </div>
  )
}
