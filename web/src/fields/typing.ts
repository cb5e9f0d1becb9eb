/** Fields that hold words which are not taken yet have this mark; their own undo is the one that is meant there. */
export const untaken = (is: boolean) => ({ 'data-untaken': is ? '' : undefined })

/** Whether a key pressed there belongs to words that are not taken yet, or to a dialog. */
export const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && (target.matches('[data-untaken]') || target.closest('[role="dialog"]') !== null)

const SWITCH = 'wovenset.letters'

/** Whether single letters and figures are keys; who speaks to the machine, or has a cat, can do without. */
export const lettersAct = () => localStorage.getItem(SWITCH) !== 'off'

export const setLettersAct = (act: boolean) => localStorage.setItem(SWITCH, act ? 'on' : 'off')

/** Whether single letters and figures are keys there: only on the bench, never in a field. */
export const isOnBench = (target: EventTarget | null) =>
  lettersAct() &&
  target instanceof HTMLElement &&
  !target.matches('input, textarea, select') &&
  target.closest('[data-place="bench"]') !== null
