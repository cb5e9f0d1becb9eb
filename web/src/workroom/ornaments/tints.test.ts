import { expect, test } from 'vitest'
import { inOneHue } from './tints'

test('the first part is the colour itself, the others keep their distance in lightness', () => {
  const [first, lighter, darker] = inOneHue(['#808080', '#a0a0a0', '#404040'], '#2f4b7c')
  expect(first).toBe('#2f4b7c')
  const light = (colour = '#000000') => {
    const all = [1, 3, 5].map((at) => parseInt(colour.slice(at, at + 2), 16))
    return (Math.max(...all) + Math.min(...all)) / 510
  }
  expect(light(lighter)).toBeCloseTo(light('#2f4b7c') + 32 / 255, 2)
  expect(light(darker)).toBeLessThan(light('#2f4b7c'))
  // Blue stays blue.
  expect(parseInt(lighter?.slice(5) ?? '', 16)).toBeGreaterThan(parseInt(lighter?.slice(1, 3) ?? '', 16))
})

test('grey stays grey, and nothing leaves the range of colours', () => {
  expect(inOneHue(['#000000', '#ffffff'], '#777777')).toEqual(['#777777', '#f2f2f2'])
  expect(inOneHue(['#ffffff', '#000000'], '#101010')[1]).toBe('#141414')
})
