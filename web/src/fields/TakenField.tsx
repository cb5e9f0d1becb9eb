import { useState } from 'react'
import { Field, inputLook } from './Field'
import { useRefusal } from './refusals'
import { taking } from './taking'
import { untaken } from './typing'

interface Props {
  label: string
  /** What it says while nothing is typed. */
  value: string
  /** What is wrong with the value that was taken. */
  wrong?: string
  hint?: string
  title?: string
  placeholder?: string
  /** Takes what was typed; resolves to the reason if it cannot be. */
  onTake: (text: string) => Promise<string | undefined>
}

/** A field for a text that means something: taken on Enter or on leaving, refused with the reason; Escape restores it. */
export function TakenField({ label, value, wrong, hint, title, placeholder, onTake }: Props) {
  const [draft, setDraft] = useState<string>()
  const [refused, setRefused] = useState<string>()
  const took = async (text: string) => {
    const reason = await onTake(text)
    setRefused(reason)
    if (!reason) setDraft(undefined)
    return !reason
  }
  const take = (text: string) => taking(took(text))
  const typed = draft !== undefined
  const problem = refused ?? (typed ? undefined : wrong)
  useRefusal(label, problem !== undefined)
  return (
    <Field label={label} wrong={problem} hint={typed ? undefined : hint}>
      {(ids) => (
        <input
          {...ids}
          {...untaken(typed)}
          className={inputLook}
          title={title}
          placeholder={placeholder}
          value={draft ?? value}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => typed && void take(draft)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void take(draft ?? value)
            else if (event.key === 'Escape') {
              setDraft(undefined)
              setRefused(undefined)
            } else return
            event.stopPropagation()
          }}
        />
      )}
    </Field>
  )
}
