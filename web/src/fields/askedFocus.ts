import { type RefObject, useLayoutEffect } from 'react'

/** The field that is to be written in next, until it has come. */
let asked: string | null = null
const fields = new Set<() => void>()

/** Goes on in a field that is there or will be once what is selected is shown. */
export function askFocus(field: string) {
  asked = field
  // Who presses elsewhere before the field has come wants something else.
  window.addEventListener('pointerdown', () => (asked = null), { once: true, capture: true })
  fields.forEach((take) => take())
}

/** Gives the field of this name the focus that was asked for it, now or before it came; all that stands in it is marked. */
export function useAskedFocus(name: string, field: RefObject<HTMLTextAreaElement | null>) {
  useLayoutEffect(() => {
    const take = () => {
      if (asked !== name) return
      asked = null
      field.current?.focus()
      field.current?.select()
    }
    take()
    fields.add(take)
    return () => void fields.delete(take)
  }, [name, field])
}

export const wordsField = (frameId: string) => `words ${frameId}`
export const captionField = (frameId: string) => `caption ${frameId}`
