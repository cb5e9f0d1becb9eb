interface Facing {
  entries: readonly string[]
  frames: number
}

/**
 * Whether a photo that is all there is on a page lies across the fold: the facing page shows it, too, and no page beyond the two, as in a
 * set of several parts.
 *
 * @param index of the page, from 0; the first one faces none
 */
export function liesAcrossFold(pages: readonly Facing[], index: number, entry: string): boolean {
  const shows = (at: number) => {
    const page = pages[at]
    return page?.frames === 1 && page.entries.includes(entry)
  }
  const left = index % 2 === 1 ? index : index - 1
  return left > 0 && shows(left) && shows(left + 1) && !shows(left - 1) && !shows(left + 2)
}
