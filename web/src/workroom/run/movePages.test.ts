import { expect, test } from 'vitest'
import { placeAmong } from './movePages'

test('pages come before the one they are put on, or after it when they came from before', () => {
  const order = ['a', 'b', 'c', 'd', 'e']
  expect(placeAmong(order, ['d'], 'b')).toBe(1)
  expect(placeAmong(order, ['b'], 'd')).toBe(3)
  expect(placeAmong(order, ['a', 'b'], 'e')).toBe(3)
  expect(placeAmong(order, ['b', 'd'], 'c')).toBe(2)
  expect(placeAmong(order, ['d', 'e'], 'a')).toBe(0)
})
