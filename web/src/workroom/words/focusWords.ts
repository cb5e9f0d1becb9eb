import { type RefObject, useEffect } from 'react'

/** The frame whose words are to be written on the slip next, until its field has come. */
let asked: string | null = null
const fields = new Set<() => void>()

/** Goes on in the field on the slip; words on a curve cannot be written where they stand. */
export function focusWords(frameId: string) {
  asked = frameId
  // Who presses elsewhere before the field has come wants something else.
  window.addEventListener('pointerdown', () => (asked = null), { once: true, capture: true })
  fields.forEach((take) => take())
}

/** Gives the field the focus that was asked for it, now or before it came. */
export function useAskedFocus(frameId: string, field: RefObject<HTMLElement | null>) {
  useEffect(() => {
    const take = () => {
      if (asked !== frameId) return
      asked = null
      field.current?.focus()
    }
    take()
    fields.add(take)
    return () => void fields.delete(take)
  }, [frameId, field])
}
