import { type CSSProperties, useState } from 'react'

interface Props {
  label: string
  value: number
  /** Nothing for zero. */
  least?: number
  most: number
  step: number
  onPreview: (value: number) => void
  onCommit: (value: number) => void
}

/** A slider whose effect is shown while it moves and taken when it is let go. */
export function Slider({ label, value, least = 0, most, step, onPreview, onCommit }: Props) {
  const [sliding, setSliding] = useState<number>()
  const letGo = () => {
    if (sliding !== undefined && sliding !== value) onCommit(sliding)
    setSliding(undefined)
  }
  const end = Math.max(most, value)
  /** How far along it a value lies: the slider is filled from where nothing is changed. */
  const place = (at: number) => `${(100 * (Math.max(least, Math.min(end, at)) - least)) / (end - least || 1)}%`
  return (
    <input
      type="range"
      aria-label={`${label}, slider`}
      className="range mt-1 w-full"
      style={{ '--from': place(0), '--to': place(sliding ?? value) } as CSSProperties}
      min={least}
      max={end}
      step={step}
      value={sliding ?? value}
      onChange={(event) => {
        setSliding(Number(event.target.value))
        onPreview(Number(event.target.value))
      }}
      onPointerUp={letGo}
      onKeyUp={letGo}
      onBlur={letGo}
    />
  )
}
