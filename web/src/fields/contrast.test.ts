import { expect, test } from 'vitest'
import { contrast, groundBehind } from './contrast'

test('contrast is that of two luminances, whichever comes first', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5)
  expect(contrast('#ffffff', '#767676')).toBeCloseTo(4.54, 2)
  expect(contrast('#a4373a', '#a4373a')).toBe(1)
  expect(groundBehind('#22293a')).toBe('#fffdf8')
  expect(groundBehind('#f3e9d2')).toBe('#22293a')
})
