import { expect, test } from 'vitest'
import { fullnessOf, sameAlbum, toTheEdge, usualAlbum, withEdge, withFullness } from './albumWish'

const MARGINS = { top: 8, right: 8, bottom: 8, left: 8 }

test('always so many, or varied within limits', () => {
  const usual = usualAlbum(MARGINS, 4)
  expect(fullnessOf(usual)).toBe('varied')
  const two = withFullness(usual, '2')
  expect(two).toEqual({
    least: 2,
    most: 2,
    singles: false,
    openings: false,
    onRight: false,
    margins: MARGINS,
    gap: 4,
    chapters: [],
  })
  expect(fullnessOf(two)).toBe('2')
  expect(sameAlbum(withFullness(two, 'varied'), usual)).toBe(true)
  expect(sameAlbum(two, usual)).toBe(false)
})

test('photos to the edge have no margins, and get the usual ones back', () => {
  const edge = withEdge(usualAlbum(MARGINS, 4), true, MARGINS)
  expect(toTheEdge(edge)).toBe(true)
  expect(withEdge(edge, false, MARGINS).margins).toEqual(MARGINS)
})
