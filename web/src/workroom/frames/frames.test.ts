import { describe, expect, it } from 'vitest'
import type { Guide } from '../../api/client'
import type { Spot } from '../piece/model'
import { partsOfSize } from './sizeText'
import { distances, sameSizes, snapEdge, snapMove, type Surroundings } from './snap'
import { boundsOf, drawn, pointOf, turnedTo, turnWithin } from './spots'

const spot: Spot = { x: 20000, y: 10000, width: 60000, height: 40000, turnDegrees: 0 }
const near = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThanOrEqual(2)

describe('the place of a frame', () => {
  it('keeps the opposite corner and the proportion when a corner is drawn, whatever its turn', () => {
    for (const turnDegrees of [0, 30, -75, 180]) {
      const turned = { ...spot, turnDegrees }
      const next = drawn(turned, { x: 1, y: 1 }, 13, 21)
      expect(next.width / next.height).toBeCloseTo(1.5, 3)
      const [was, is] = [pointOf(turned, { x: 0, y: 0 }), pointOf(next, { x: 0, y: 0 })]
      near(was.x, is.x)
      near(was.y, is.y)
    }
  })

  it('changes one measure alone when a side is drawn, and never vanishes', () => {
    expect(drawn(spot, { x: -1, y: 0 }, 10, 99)).toEqual({ ...spot, x: 30000, width: 50000 })
    expect(drawn(spot, { x: 0, y: 1 }, 99, -500)).toEqual({ ...spot, height: 2000 })
  })

  it('turns about the chosen point', () => {
    for (const pivot of [
      { x: 0.5, y: 0.5 },
      { x: 1, y: 0 },
    ]) {
      const next = turnedTo(spot, 50, pivot)
      near(pointOf(spot, pivot).x, pointOf(next, pivot).x)
      near(pointOf(spot, pivot).y, pointOf(next, pivot).y)
    }
    expect([turnWithin(190), turnWithin(-190), turnWithin(360), turnWithin(12.345)]).toEqual([-170, 170, 0, 12.35])
  })

  it('is bounded by the upright box around it', () => {
    const box = boundsOf({ ...spot, turnDegrees: 90 })
    expect([box.x, box.y, box.width, box.height].map((value) => Number(value.toFixed(6)))).toEqual([30, 0, 40, 60])
  })
})

describe('what a dragged frame is set to', () => {
  const box = (x: number, y: number, width = 40, height = 30) => ({ x, y, width, height })
  const margins = { top: 10000, right: 10000, bottom: 10000, left: 10000 }
  const around = (others: Surroundings['others'] = [], guides: Guide[] = []): Surroundings => ({
    width: 300,
    height: 200,
    margins,
    guides,
    others,
  })

  it('takes the nearest line within reach, and none beyond it', () => {
    expect(snapMove(box(11, 50), around(), 2)).toMatchObject({ dx: -1, dy: 0, lines: [{ upright: true, at: 10 }] })
    expect(snapMove(box(13, 50), around(), 2)).toMatchObject({ dx: 0, dy: 0, lines: [] })
    expect(snapMove(box(131, 86), around(), 2).dx).toBe(-1)
    expect(snapMove(box(71, 50), around([], [{ direction: 'UPRIGHT', at: 70500 }]), 2).dx).toBe(-0.5)
  })

  it('takes the edges and centres of others', () => {
    const move = snapMove(box(101, 120), around([box(100, 40, 60, 20)]), 2)
    expect(move).toMatchObject({ dx: -1, lines: [{ upright: true, at: 100 }] })
  })

  it('keeps on the gap of a row, and lies in the middle between two', () => {
    const row = [box(20, 50), box(67, 50)]
    expect(snapMove(box(115.5, 55), around(row), 2).dx).toBeCloseTo(-1.5)
    const two = [box(20, 50), box(160, 50)]
    expect(snapMove(box(91, 61, 40, 33), around(two), 2).dx).toBeCloseTo(-1)
  })

  it('sets an edge to a line, or to where the frame is as large as another', () => {
    expect(snapEdge(box(20, 50, 269), 1, true, around(), 2).by).toBe(1)
    expect(snapEdge(box(20, 50, 61), 1, true, around([box(100, 120, 60)]), 2).by).toBe(-1)
    expect(snapEdge(box(20, 50, 70), 1, true, around([box(100, 120, 60)]), 2).by).toBe(0)
  })

  it('tells the distances to what lies beside it, and when they are equal', () => {
    const told = distances(box(130, 85), around([box(20, 80), box(240, 80)]))
    expect(told).toContainEqual({ upright: false, from: 60, to: 130, at: 100, equal: true })
    expect(told).toContainEqual({ upright: true, from: 0, to: 85, at: 150, equal: true })
  })

  it('shows gaps of the same row that are as wide, and frames that are as large', () => {
    const row = around([box(20, 80), box(80, 90), box(240, 10)])
    const told = distances(box(140, 85), row)
    expect(told).toContainEqual({ upright: false, from: 120, to: 140, at: 100, equal: true })
    expect(told).toContainEqual({ upright: false, from: 60, to: 80, at: 100, equal: true })
    expect(distances(box(141, 80), row).filter(({ equal }) => equal)).toEqual([])
    expect(sameSizes(box(140, 85, 40, 12), row, true)).toHaveLength(3)
    expect(sameSizes(box(140, 85, 40, 12), row, false)).toEqual([])
  })
})

describe('a size as it is said', () => {
  it('lets a unit that is said once count for both', () => {
    expect(partsOfSize('7 × 5 in')).toEqual(['7 in', '5 in'])
    expect(partsOfSize('10x15cm')).toEqual(['10 cm', '15cm'])
    expect(partsOfSize('10 cm x 4in')).toEqual(['10 cm', '4in'])
    expect(partsOfSize('300px × 200px')).toEqual(['300px', '200px'])
    expect(partsOfSize('7 by 5')).toEqual(['7', '5'])
    expect([partsOfSize('7'), partsOfSize('7 × '), partsOfSize('1 × 2 × 3')]).toEqual([undefined, undefined, undefined])
  })
})
