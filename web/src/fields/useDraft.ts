import { useState } from 'react'

/** What is being typed in the place of a value. A change of the value is shown, unless something else was typed meanwhile. */
export function useDraft(value: string) {
  const [draft, setDraft] = useState(value)
  const [known, setKnown] = useState(value)
  // What was taken just before may come back only now; it is not written over by what stood there earlier.
  if (known !== value) {
    if (draft === known || draft.trim() === value) setDraft(value)
    setKnown(value)
  }
  return [draft, setDraft] as const
}
