import { expect, it } from 'vitest'
import { scaleOf } from '../shelf/proportion'
import { inUnit, say, saySize, stepOf } from './units'

const print = { resolution: 300 } as const

it('says lengths in each unit with a thin space, without needless decimals', () => {
  expect(say(177_800, { unit: 'IN', ...print })).toBe('7\u2009in')
  expect(say(177_800, { unit: 'MM', ...print })).toBe('177.8\u2009mm')
  expect(say(100_000, { unit: 'CM', ...print })).toBe('10\u2009cm')
  expect(inUnit(25_400, { unit: 'PT', ...print })).toBe('72')
  expect(inUnit(25_400, { unit: 'PX', ...print })).toBe('300')
  expect(saySize(300_000, 200_000, { unit: 'CM', ...print })).toBe('30 × 20\u2009cm')
})

it('steps by what is usual in the unit', () => {
  expect(stepOf({ unit: 'MM', ...print })).toBe(1000)
  expect(stepOf({ unit: 'PX', resolution: 254 })).toBe(100)
})

it('draws the whole shelf at one scale', () => {
  const wall = { width: 900_000, height: 600_000 }
  const card = { width: 148_000, height: 105_000 }
  const scale = scaleOf([wall, card])
  expect(scale * 900).toBeLessThanOrEqual(640)
  expect(scaleOf([card])).toBeGreaterThan(scale)
  expect(scaleOf([])).toBeGreaterThan(0)
})
