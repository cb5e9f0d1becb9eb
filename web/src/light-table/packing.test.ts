import { expect, it } from 'vitest'
import { packed } from './packing'

const sizes = { width: 900, rowHeight: 120, gap: 8, words: 40, day: 22 }
const photos = (count: number) =>
  Array.from({ length: count }, (_, i) => ({ id: i, width: 300 + ((i * 37) % 500), height: 300 + ((i * 91) % 400) }))

it('keeps the order, fills each row but the last to the pixel, and nothing overlaps', () => {
  const days = [
    { title: '11', short: '11 July', items: photos(5) },
    { title: '12', short: '12 July', items: photos(1) },
    { title: '13', short: '13 July', items: photos(30) },
  ]
  const { all, height } = packed(days, sizes)
  expect(all.map(({ item }) => item)).toEqual(days.flatMap(({ items }) => items))
  const tops = [...new Set(all.map(({ top }) => top))]
  const lines = tops.map((at) => all.filter(({ top }) => top === at))
  expect(lines.length).toBeGreaterThan(5)
  lines.forEach((line, index) => {
    const last = line.at(-1)
    if (index < lines.length - 1) expect((last?.left ?? 0) + (last?.width ?? 0)).toBe(sizes.width)
    line.slice(1).forEach((one, i) => {
      const before = line[i]
      const dayRoom = one.day ? sizes.day : 0
      expect(one.left).toBe((before?.left ?? 0) + (before?.width ?? 0) + sizes.gap + dayRoom)
    })
    expect(new Set(line.map((one) => one.height)).size).toBe(1)
  })
  const end = all.at(-1)
  expect(height).toBe((end?.top ?? 0) + (end?.height ?? 0) + sizes.words + sizes.gap)
})

it('marks each day once, and does not blow up a lonely photo', () => {
  const { all } = packed(
    [
      { title: 'a', short: 'a', items: photos(1) },
      { title: 'b', short: 'b', items: photos(1) },
    ],
    sizes,
  )
  expect(all.map(({ day }) => day?.title)).toEqual(['a', 'b'])
  expect(all.every(({ height }) => height <= sizes.rowHeight)).toBe(true)
})
