import { expect, it } from 'vitest'
import { spriteKey, spritePlace } from './spritePlace'

const unit = (x: number, y: number) => ({
  itemId: 'a',
  name: 'look',
  x,
  y,
  ink: { x: -1, y: -0.5, width: 12, height: 8 },
  blend: 'NORMAL' as const,
})

it('covers all that is painted, in whole pixels', () => {
  for (const device of [0.7, 1, 3.3, 8]) {
    for (const at of [0, 0.1, 7.77, -3.2]) {
      const { left, top, width, height } = spritePlace(unit(at, at), device)
      const tolerance = 0.125 + 1e-9
      expect(left).toBeLessThanOrEqual((at - 1) * device + tolerance)
      expect(left + width).toBeGreaterThanOrEqual((at + 11) * device - tolerance)
      expect(top).toBeLessThanOrEqual((at - 0.5) * device + tolerance)
      expect(top + height).toBeGreaterThanOrEqual((at + 7.5) * device - tolerance)
      expect([left, top, width, height].every(Number.isInteger)).toBe(true)
    }
  }
})

it('is the same picture wherever the unit lies by whole pixels', () => {
  const here = spritePlace(unit(10, 20), 4)
  const there = spritePlace(unit(10 + 3 / 4, 20 + 40 / 4), 4)
  expect(spriteKey(there)).toBe(spriteKey(here))
  expect([there.left - here.left, there.top - here.top]).toEqual([3, 40])
  expect(spriteKey(spritePlace(unit(10.0625, 20), 4))).not.toBe(spriteKey(here))
})
