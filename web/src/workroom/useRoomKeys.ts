import { type Dispatch, useEffect } from 'react'
import type { Piece } from './piece/model'
import { type Step, STEPS } from './Rail'
import type { SelectionAction } from './piece/selection'

interface Doings {
  piece: Piece | undefined
  pageId: string | undefined
  undo: () => void
  redo: () => void
  setStep: (step: Step) => void
  select: Dispatch<SelectionAction>
  showKeys: () => void
}

const inField = (event: KeyboardEvent) =>
  event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [role="dialog"] *')

/** The keys that work anywhere in the workroom but inside a field: history, steps, pages, and the list of keys. */
export function useRoomKeys({ piece, pageId, undo, redo, setStep, select, showKeys }: Doings) {
  useEffect(() => {
    const turn = (by: number) => {
      const index = piece?.pages.findIndex(({ id }) => id === pageId) ?? -1
      const next = piece?.pages[index + by]
      if (next) select({ kind: 'page', pageId: next.id })
    }
    const keys = (event: KeyboardEvent) => {
      if (inField(event)) return
      const letter = event.key.toLowerCase()
      const step = STEPS[Number(event.key) - 1]
      if (event.ctrlKey || event.metaKey) {
        if (letter === 'z' && !event.shiftKey) undo()
        else if (letter === 'z' || letter === 'y') redo()
        else return
      } else if (event.altKey) return
      else if (step) setStep(step.step)
      else if (event.key === 'PageUp') turn(-1)
      else if (event.key === 'PageDown') turn(1)
      else if (event.key === '?') showKeys()
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', keys)
    return () => window.removeEventListener('keydown', keys)
  }, [piece, pageId, undo, redo, setStep, select, showKeys])
}
