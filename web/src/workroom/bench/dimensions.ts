import type { Grid, Margins, PageScene } from '../../api/client'

/** What a dimension line measures, and so what typing over its number changes. */
export type Measured =
  'pageWidth' | 'pageHeight' | 'cellWidth' | 'cellHeight' | 'columnGap' | 'rowGap' | 'top' | 'right' | 'bottom' | 'left'

/** A stretch of a dimension line in page millimetres; only the first of equal ones carries its number. */
export interface Stretch {
  from: number
  to: number
  measured?: Measured
}

/** Margin, cell, gap, cell … margin across the page. */
export function across(scene: PageScene, grid: Grid): Stretch[] {
  const cells = scene.frames.slice(0, grid.columns).map(({ cell }) => ({ from: cell.x, to: cell.x + cell.width }))
  return chain(cells, scene.widthMm, { before: 'left', cell: 'cellWidth', gap: 'columnGap', after: 'right' })
}

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

/** The same down the page. */
export function down(scene: PageScene, grid: Grid): Stretch[] {
  const cells = scene.frames
    .filter((_, index) => index % grid.columns === 0)
    .map(({ cell }) => ({ from: cell.y, to: cell.y + cell.height }))
  return chain(cells, scene.heightMm, { before: 'top', cell: 'cellHeight', gap: 'rowGap', after: 'bottom' })
}

function chain(
  cells: { from: number; to: number }[],
  end: number,
  names: { before: Measured; cell: Measured; gap: Measured; after: Measured },
): Stretch[] {
  const stretches: Stretch[] = []
  let at = 0
  cells.forEach((cell, index) => {
    const measured = index === 0 ? names.before : index === 1 ? names.gap : undefined
    if (cell.from > at || measured) stretches.push({ from: at, to: cell.from, measured })
    stretches.push({ ...cell, measured: index === 0 ? names.cell : undefined })
    at = cell.to
  })
  stretches.push({ from: at, to: end, measured: names.after })
  return stretches
}
