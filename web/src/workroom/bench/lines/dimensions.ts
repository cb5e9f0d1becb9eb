import type { Grid, Margins, PageScene } from '../../../api/client'

/** What a dimension line measures, and so what typing over its number changes. */
export type Measured =
  | 'pageWidth'
  | 'pageHeight'
  | 'cellWidth'
  | 'cellHeight'
  | 'columnGap'
  | 'rowGap'
  | 'top'
  | 'right'
  | 'bottom'
  | 'left'
  | 'frameLeft'
  | 'frameWidth'
  | 'frameRight'
  | 'frameTop'
  | 'frameHeight'
  | 'frameBottom'

/** A stretch of a dimension line in page millimetres; only the first of equal ones carries its number. */
export interface Stretch {
  from: number
  to: number
  measured?: Measured
  /** Which row or column it is, where each has a measure of its own. */
  track?: number
}

/** Margin, column, gap, column … margin across the page. */
export const across = (scene: PageScene, grid: Grid): Stretch[] =>
  chain(scene.grid?.columns ?? [], scene.widthMm, grid.columnTracks !== undefined, {
    before: 'left',
    cell: 'cellWidth',
    gap: 'columnGap',
    after: 'right',
    margins: kept(grid, grid.margins.left, grid.margins.right),
  })

/** The same down the page. */
export const down = (scene: PageScene, grid: Grid): Stretch[] =>
  chain(scene.grid?.rows ?? [], scene.heightMm, grid.rowTracks !== undefined, {
    before: 'top',
    cell: 'cellHeight',
    gap: 'rowGap',
    after: 'bottom',
    margins: kept(grid, grid.margins.top, grid.margins.bottom),
  })

/** The margins in millimetres; nothing where fixed cells lie centred and leave more than the margins. */
const kept = ({ cell }: Grid, before: number, after: number): [number, number] | undefined =>
  cell ? undefined : [before / 1000, after / 1000]

/** Only the margins, where what lies between them is no row of equal cells. */
export function marginsAcross(scene: PageScene, margins: Margins): Stretch[] {
  return between(scene.widthMm, margins.left / 1000, margins.right / 1000, 'left', 'right')
}

export function marginsDown(scene: PageScene, margins: Margins): Stretch[] {
  return between(scene.heightMm, margins.top / 1000, margins.bottom / 1000, 'top', 'bottom')
}

function between(end: number, before: number, after: number, first: Measured, last: Measured): Stretch[] {
  return [
    { from: 0, to: before, measured: first },
    { from: before, to: end - after },
    { from: end - after, to: end, measured: last },
  ]
}

/** Millimetres; sums of doubles differ by less. */
const NEAR = 0.01

/** With tracks of their own, each cell carries its number. */
function chain(
  cells: { from: number; to: number }[],
  end: number,
  each: boolean,
  names: { before: Measured; cell: Measured; gap: Measured; after: Measured; margins?: [number, number] },
): Stretch[] {
  const stretches: Stretch[] = []
  let at = 0
  const first = cells[0]?.from ?? 0
  const last = cells.at(-1)?.to ?? end
  const [before, after] = names.margins ?? [first, end - last]
  // Between a margin and the cells lie words across the page.
  if (first - before > NEAR) {
    stretches.push({ from: 0, to: before, measured: names.before })
    at = before
  }
  cells.forEach((cell, index) => {
    const measured = index === 0 ? (at === 0 ? names.before : undefined) : index === 1 ? names.gap : undefined
    if (cell.from > at || measured) stretches.push({ from: at, to: cell.from, measured })
    const numbered = each || index === 0
    stretches.push({ ...cell, measured: numbered ? names.cell : undefined, track: each ? index : undefined })
    at = cell.to
  })
  if (end - last - after > NEAR) {
    stretches.push({ from: at, to: end - after })
    at = end - after
  }
  stretches.push({ from: at, to: end, measured: names.after })
  return stretches
}
