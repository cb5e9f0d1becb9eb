import { useState } from 'react'
import { wordsOf } from '../api/client'
import { Field, inputLook } from '../fields/Field'
import { useRefusal } from '../fields/refusals'
import { taking } from '../fields/taking'
import { untaken } from '../fields/typing'
import { lengthOf } from './lengthOf'
import { say, stepOf, type UnitFormat } from './units'

interface Props {
  label: string
  value: number
  format: UnitFormat
  onCommit: (micrometres: number) => void
  /** What the server said of the value after it was taken. */
  wrong?: string
  /** Another field holds what was refused: the same value is tried again. */
  again?: boolean
  bare?: boolean
  autoFocus?: boolean
  onCancel?: () => void
}

/** A length in any unit, or a sum of lengths; taken on Enter or on leaving, refused with the reason. */
export function LengthField({ label, value, format, onCommit, wrong, again, bare, autoFocus, onCancel }: Props) {
  const [draft, setDraft] = useState<string>()
  const [refused, setRefused] = useState<string>()

  const sum = async (text: string): Promise<boolean> => {
    try {
      const length = await lengthOf(text, format)
      setDraft(undefined)
      setRefused(undefined)
      // What was refused once is tried again: what stood in its way may be gone.
      if (length !== value || wrong || again) onCommit(length)
      else onCancel?.()
      return true
    } catch (problem) {
      setRefused(wordsOf(problem))
      return false
    }
  }
  const take = (text: string) => taking(sum(text))
  const restore = () => {
    setDraft(undefined)
    setRefused(undefined)
    onCancel?.()
  }
  const input = (ids: object) => (
    <input
      {...ids}
      {...untaken(draft !== undefined)}
      aria-label={bare ? label : undefined}
      className={inputLook}
      autoFocus={autoFocus}
      value={draft ?? say(value, format)}
      onFocus={(event) => event.target.select()}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={() => (draft !== undefined ? void take(draft) : onCancel?.())}
      onKeyDown={(event) => {
        if (event.key === 'Enter') {
          // The form around it is not meant.
          event.preventDefault()
          void take(draft ?? say(value, format))
        } else if (event.key === 'Escape') restore()
        else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && draft === undefined) {
          event.preventDefault()
          const step = stepOf(format) * (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? 1 : -1)
          onCommit(Math.max(0, value + step))
        } else return
        event.stopPropagation()
      }}
    />
  )
  const problem = refused ?? (draft === undefined ? wrong : undefined)
  useRefusal(label, problem !== undefined || again === true)
  if (bare) {
    return (
      <div>
        {input({ 'aria-invalid': problem ? true : undefined })}
        {problem && (
          <p role="alert" className="mt-1 max-w-48 text-[13px] leading-4 text-madder">
            {problem}
          </p>
        )}
      </div>
    )
  }
  return (
    <Field label={label} wrong={problem}>
      {input}
    </Field>
  )
}
