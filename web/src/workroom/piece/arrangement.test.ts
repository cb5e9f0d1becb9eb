import { expect, test } from 'vitest'
import type { FrameScene, PageScene } from '../../api/client'
import { arrangementEdit, gridFor, neighbour, recounted, slotOf } from './arrangement'
import type { Page } from './model'

const at = (x: number, y: number, width: number, height: number) => ({ box: { x, y, width, height } }) as FrameScene
/** A large place at the left, beside it one above two. */
const cut = [at(0, 0, 100, 100), at(104, 0, 80, 48), at(104, 52, 38, 48), at(146, 52, 38, 48)]

test.each([
  [0, [1, 0], 1],
  [1, [-1, 0], 0],
  [1, [0, 1], 2],
  [2, [1, 0], 3],
  [3, [0, -1], 1],
  [0, [-1, 0], undefined],
  [1, [0, -1], undefined],
] as const)('from place %i in direction %j lies place %j', (index, way, next) => {
  expect(neighbour(cut, index, [...way])).toBe(next)
})

const margins = { top: 1, right: 2, bottom: 3, left: 4 }
const frames = ['a', 'b', 'c', 'd', 'e'].map((id, slot) => ({ id, slot }))
const slicing = { kind: 'slicing', margins, gap: 5, whole: true, tree: '(p[pp][pp])' } as const
const page = { id: 'page', arrangement: slicing, frames } as unknown as Page

test('a cut page goes back to a grid with a cell for each frame', () => {
  expect(gridFor(page, 300, 200)).toMatchObject({ columns: 3, rows: 2, columnGap: 5, margins })
})

test('another gap leaves the frames in their order', () => {
  expect(arrangementEdit(page, { ...slicing, gap: 9 })).toEqual({
    kind: 'arrange',
    pageId: 'page',
    arrangement: { ...slicing, gap: 9 },
    order: ['a', 'b', 'c', 'd', 'e'],
  })
})

test('fewer rows and columns take their tracks and joined cells along', () => {
  const grid = {
    ...gridFor(page, 300, 200),
    columnTracks: [{ share: 1 }, { share: 2 }, { length: 40000, share: 1 }],
    spans: [
      { row: 0, column: 0, rows: 2, columns: 1 },
      { row: 0, column: 1, rows: 1, columns: 2 },
    ],
  }
  expect(recounted(grid, 2, 2)).toMatchObject({
    columnTracks: [{ share: 1 }, { share: 2 }],
    spans: [{ row: 0, column: 0, rows: 2, columns: 1 }],
  })
  expect(recounted(grid, 2, 4).columnTracks).toHaveLength(4)
})

test('a joined cell knows the rows and columns that it takes', () => {
  const stretches = [
    { from: 10, to: 40 },
    { from: 45, to: 75 },
    { from: 80, to: 110 },
  ]
  const lines = { columns: stretches, rows: stretches } as unknown as NonNullable<PageScene['grid']>
  expect(slotOf({ x: 45, y: 10, width: 65, height: 30 }, lines)).toEqual({ row: 0, column: 1, rows: 1, columns: 2 })
})
