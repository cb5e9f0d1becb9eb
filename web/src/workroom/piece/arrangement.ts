import type { Arrangement, Box, Edit, FrameScene, Grid, GridLines, Margins, Track } from '../../api/client'
import { type Page, slotted } from './model'

/** The edit that gives a page this arrangement and leaves its frames in their order. Prints are strewn again, a figure is cut again if it is to be cut otherwise. */
export function arrangementEdit(page: Page, arrangement: Arrangement): Edit {
  const pageId = page.id
  if (arrangement.kind === 'grid') return { kind: 'setGrid', pageId, grid: arrangement, reflow: 'ASK' }
  const order = slotted(page).map(({ id }) => id)
  if (arrangement.kind === 'silhouette') {
    const { margins, gap, figure, cutting } = arrangement
    return { kind: 'cutSilhouette', pageId, margins, gap, figure, cutting, order }
  }
  if (arrangement.kind !== 'scattered') return { kind: 'arrange', pageId, arrangement, order }
  return { kind: 'scatter', pageId, margins: arrangement.margins, recipe: arrangement.recipe, order }
}

export const withMargins = (page: Page, margins: Partial<Margins>): Edit =>
  arrangementEdit(page, { ...page.arrangement, margins: { ...page.arrangement.margins, ...margins } })

/** Whether its places stay where no photo is. */
export const keepsPlaces = ({ kind }: Arrangement) => kind === 'grid' || kind === 'silhouette'

export const gridOf = (page: Page): Grid | undefined =>
  page.arrangement.kind === 'grid' ? page.arrangement : undefined

/** The grid with other counts: rows and columns that go take their tracks and joined cells along. */
export function recounted(grid: Grid, rows: number, columns: number): Grid {
  const fit = (tracks: Track[] | undefined, count: number) =>
    tracks && Array.from({ length: count }, (_, index) => tracks[index] ?? { share: 1 })
  return {
    ...grid,
    rows,
    columns,
    rowTracks: fit(grid.rowTracks, rows),
    columnTracks: fit(grid.columnTracks, columns),
    spans: grid.spans.filter((span) => span.row + span.rows <= rows && span.column + span.columns <= columns),
  }
}

/** The row and column in which a cell begins, and how many of each it takes; counted from 0. */
export function slotOf(cell: Box, lines: GridLines) {
  const within = (from: number, to: number, stretches: GridLines['rows']) => {
    const first = stretches.findIndex((one) => one.to > from + 0.01)
    return { first, count: stretches.filter((one) => one.to > from + 0.01 && one.from < to - 0.01).length }
  }
  const across = within(cell.x, cell.x + cell.width, lines.columns)
  const down = within(cell.y, cell.y + cell.height, lines.rows)
  return { row: down.first, column: across.first, rows: down.count, columns: across.count }
}

/** Where none was set, micrometres. */
const USUAL_GAP = 3000

export const gapOf = (arrangement: Arrangement): number =>
  arrangement.kind === 'grid'
    ? arrangement.columnGap
    : arrangement.kind === 'slicing' || arrangement.kind === 'silhouette'
      ? arrangement.gap
      : USUAL_GAP

/** The edit that puts the page's frames in a grid: those of a page without an arrangement all go in. */
export function toGrid(page: Page, grid: Grid): Edit {
  if (page.arrangement.kind !== 'byHand') return { kind: 'setGrid', pageId: page.id, grid, reflow: 'ASK' }
  const loose = page.frames.filter(({ spot, locked, forPhotos }) => spot && !locked && forPhotos)
  return { kind: 'arrange', pageId: page.id, arrangement: { ...grid, kind: 'grid' }, order: loose.map(({ id }) => id) }
}

/** About the same grid as before the page was cut: one that has a cell for each frame, wide on a wide page. */
export function gridFor(page: Page, width: number, height: number): Grid {
  const { arrangement } = page
  if (arrangement.kind === 'grid') return arrangement
  const frames = page.frames.filter(
    ({ slot, forPhotos }) => slot !== undefined || (arrangement.kind === 'byHand' && forPhotos),
  )
  const columns = Math.min(40, Math.max(1, Math.round(Math.sqrt((frames.length * width) / height))))
  const { margins } = arrangement
  const gap = gapOf(arrangement)
  return {
    kind: 'grid',
    columns,
    rows: Math.max(1, Math.ceil(frames.length / columns)),
    columnGap: gap,
    rowGap: gap,
    margins,
    spans: [],
    order: 'ROWS',
  }
}

/** The frame that lies next in a direction: wholly beyond this one, the nearest, first of all one that faces it. */
export function neighbour(frames: FrameScene[], index: number, [dx, dy]: [number, number]): number | undefined {
  const here = frames[index]?.box
  if (!here) return undefined
  const far = frames.map(({ box: cell }, other) => {
    const across = apart(here.x, here.width, cell.x, cell.width, dx)
    const down = apart(here.y, here.height, cell.y, cell.height, dy)
    const [ahead, aside] = dx ? [across, down] : [down, across]
    return other === index || ahead.gap < -0.01 ? Infinity : ahead.gap + 2 * Math.max(0, aside.gap) + aside.off / 1000
  })
  const nearest = Math.min(...far)
  return nearest === Infinity ? undefined : far.indexOf(nearest)
}

/** How far a stretch lies from another along one axis: on the asked side, or on either if none is asked. */
function apart(from: number, size: number, to: number, toSize: number, way: number) {
  const after = to - (from + size)
  const before = from - (to + toSize)
  return {
    gap: way > 0 ? after : way < 0 ? before : Math.max(after, before),
    off: Math.abs(from + size / 2 - to - toSize / 2),
  }
}
