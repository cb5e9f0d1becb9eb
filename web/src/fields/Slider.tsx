import { useState } from 'react'

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
  return (
    <input
      type="range"
      aria-label={`${label}, slider`}
      className="mt-1 w-full accent-woad"
      min={least}
      max={Math.max(most, value)}
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
