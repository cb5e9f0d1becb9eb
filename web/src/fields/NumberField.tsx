import { useState } from 'react'
import { Field, inputLook } from './Field'
import { useRefusal } from './refusals'
import { untaken } from './typing'

interface Props {
  label: string
  value: number
  min: number
  max: number
  step?: number
  decimals?: number
  suffix?: string
  onCommit: (value: number) => void
}

/** A number that is taken on Enter or on leaving; arrows step it; Escape restores it. */
export function NumberField({ label, value, min, max, step = 1, decimals = 0, suffix, onCommit }: Props) {
  const [draft, setDraft] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  useRefusal(label, wrong !== undefined)
  const shown = draft ?? String(Number(value.toFixed(decimals)))

  const take = (text: string) => {
    const number = Number(text.replace(',', '.'))
    if (text.trim() === '' || !Number.isFinite(number) || number < min || number > max) {
      setWrong(`A number from ${min} to ${max}`)
      return
    }
    setWrong(undefined)
    setDraft(undefined)
    const rounded = Number(number.toFixed(decimals))
    if (rounded !== Number(value.toFixed(decimals))) onCommit(rounded)
  }
  const stepBy = (by: number) => {
    const next = Math.min(max, Math.max(min, Number((value + by).toFixed(decimals))))
    setDraft(undefined)
    setWrong(undefined)
    if (next !== value) onCommit(next)
  }
  return (
    <Field label={suffix ? `${label} (${suffix})` : label} wrong={wrong}>
      {(ids) => (
        <input
          {...ids}
          {...untaken(draft !== undefined)}
          className={inputLook}
          inputMode="decimal"
          value={shown}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => draft !== undefined && take(draft)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault()
              take(shown)
            } else if (event.key === 'Escape') {
              setDraft(undefined)
              setWrong(undefined)
            } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
              event.preventDefault()
              stepBy((event.key === 'ArrowUp' ? 1 : -1) * step * (event.shiftKey ? 10 : 1))
            } else return
            event.stopPropagation()
          }}
        />
      )}
    </Field>
  )
}
