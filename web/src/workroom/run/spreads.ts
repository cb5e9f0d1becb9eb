/** Which pages face each other: the first lies alone, then two and two. Places are counted from 0. */
export function spreadsOf(pages: number): number[][] {
  const spreads: number[][] = pages > 0 ? [[0]] : []
  for (let left = 1; left < pages; left += 2) spreads.push(left + 1 < pages ? [left, left + 1] : [left])
  return spreads
}

/** From this one to both sides, by turns: what is near comes first. */
export const outwards = <T>(all: T[], from: number): T[] =>
  all
    .map((one, index) => ({ one, far: Math.abs(index - from) }))
    .sort((a, b) => a.far - b.far)
    .map(({ one }) => one)
