import { expect, it } from 'vitest'
import { regionDrawn, regionMoved } from './region'

const region = { x: 0.2, y: 0.3, width: 0.4, height: 0.2 }
const rounded = (box: object) => Object.values(box).map((value: number) => Number(value.toFixed(9)))

it('moves a subject within its photo and keeps its size', () => {
  expect(rounded(regionMoved(region, 0.1, -0.1))).toEqual([0.3, 0.2, 0.4, 0.2])
  expect(rounded(regionMoved(region, 5, -5))).toEqual([0.6, 0, 0.4, 0.2])
})

it('draws a corner while the opposite one stays, and never turns the subject inside out', () => {
  expect(rounded(regionDrawn(region, [1, 1], 0.1, 0.1))).toEqual([0.2, 0.3, 0.5, 0.3])
  expect(rounded(regionDrawn(region, [-1, -1], 9, 9))).toEqual([0.57, 0.47, 0.03, 0.03])
  expect(rounded(regionDrawn(region, [1, -1], 9, -9))).toEqual([0.2, 0, 0.8, 0.5])
})
