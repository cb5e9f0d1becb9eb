import { expect, test } from 'vitest'
import { placed, placeOf } from './picturePlace'

const room = { x: -300_000, y: 0, width: 600_000, height: 200_000 }

test('a place comes to a box and back', () => {
  const box = { x: -310_000, y: -20_000, width: 660_000, height: 440_000 }
  const place = placeOf(box, room)
  expect(place.zoom).toBeCloseTo(1.1, 6)
  expect(place.across).toBeCloseTo(1 / 6, 6)
  expect(placed(box, room, place)).toEqual(box)
})

test('the room stays covered', () => {
  const box = { x: -300_000, y: -50_000, width: 600_000, height: 300_000 }
  expect(placeOf(box, room).across).toBe(0.5)
  const far = placed(box, room, { zoom: 0.4, across: 1, down: 0 })
  expect(far).toEqual({ x: -300_000, y: 0, width: 600_000, height: 300_000 })
})
