import { expect, it } from 'vitest'
import type { Grid, PageScene } from '../../../api/client'
import { across, down, type Stretch } from './dimensions'

const margins = { top: 10_000, right: 10_000, bottom: 10_000, left: 10_000 }
const grid: Grid = {
  kind: 'grid',
  rows: 2,
  columns: 3,
  columnGap: 5000,
  rowGap: 4000,
  margins,
  spans: [],
  order: 'ROWS',
}

function scene(rows: number, columns: number): PageScene {
  const width = (300 - 20 - 5 * (columns - 1)) / columns
  const height = (200 - 20 - 4 * (rows - 1)) / rows
  const tracks = (count: number, size: number, gap: number) =>
    Array.from({ length: count }, (_, i) => ({ from: 10 + i * (size + gap), to: 10 + i * (size + gap) + size }))
  const lines = { columns: tracks(columns, width, 5), rows: tracks(rows, height, 4) }
  return { widthMm: 300, heightMm: 200, grid: lines } as unknown as PageScene
}

const named = (stretches: Stretch[]) => stretches.flatMap(({ measured }) => measured ?? [])

it('runs from edge to edge without a hole', () => {
  for (const [stretches, end] of [
    [across(scene(2, 3), grid), 300],
    [down(scene(2, 3), grid), 200],
  ] as const) {
    expect(stretches[0]?.from).toBe(0)
    expect(stretches.at(-1)?.to).toBe(end)
    stretches.slice(1).forEach(({ from }, i) => expect(from).toBeCloseTo(stretches[i]?.to ?? NaN, 9))
  }
})

it('numbers each measure once', () => {
  expect(named(across(scene(2, 3), grid))).toEqual(['left', 'cellWidth', 'columnGap', 'right'])
  expect(named(down(scene(2, 3), grid))).toEqual(['top', 'cellHeight', 'rowGap', 'bottom'])
  expect(named(across(scene(1, 1), { ...grid, rows: 1, columns: 1 }))).toEqual(['left', 'cellWidth', 'right'])
})

it('numbers every column that has a width of its own', () => {
  const tracks = [{ share: 1 }, { share: 2 }, { share: 1 }]
  const stretches = across(scene(2, 3), { ...grid, columnTracks: tracks })
  expect(stretches.flatMap(({ track }) => track ?? [])).toEqual([0, 1, 2])
})
