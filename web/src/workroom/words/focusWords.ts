/** Marks the field on the slip where words are written that stand on an ornament. */
export const ON_ORNAMENT = 'words-on-ornament'

/** Goes on in that field; words on a curve cannot be written where they stand. */
export const focusWords = () =>
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-field="${ON_ORNAMENT}"]`)?.focus())
