/** A photo in its row: where it lies, in pixels, and whether a day begins with it. */
export interface Packed<T> {
  item: T
  left: number
  top: number
  width: number
  height: number
  /** A day that begins with it: its name stands upright before it. */
  day?: Day
}

interface Day {
  title: string
  short: string
}

export interface Packing<T> {
  all: Packed<T>[]
  height: number
}

interface Sizes {
  /** Of all rows. */
  width: number
  /** Of a row before it is made to fill the width. */
  rowHeight: number
  gap: number
  /** Below each photo, for its words. */
  words: number
  /** For a day's name. */
  day: number
}

/** No row of few photos is made higher than this many times the others. */
const MOST_STRETCH = 1.35
/** Room for what is said below, however narrow the photo is. */
const NARROWEST_PX = 84

interface Shown {
  width: number
  height: number
}

/**
 * Lays photos in rows in their order, each row as wide as the room: its height follows from the proportions of what is in it. Days are
 * marked where they begin, within the rows, so that short ones leave no holes. Cost: one pass.
 */
export function packed<T extends Shown>(
  days: (Day & { items: T[] })[],
  { width, rowHeight, gap, words, day }: Sizes,
): Packing<T> {
  const all: Packed<T>[] = []
  let row: { item: T; ratio: number; day?: Day }[] = []
  let top = 0

  const room = (line: typeof row) =>
    width - (line.length - 1) * gap - line.filter((one) => one.day !== undefined).length * day
  const ratios = (line: typeof row) => line.reduce((sum, { ratio }) => sum + ratio, 0)
  const lay = (last: boolean) => {
    if (row.length === 0) return
    const full = room(row) / ratios(row)
    const height = Math.floor(last ? Math.min(rowHeight, full) : Math.min(rowHeight * MOST_STRETCH, full))
    let left = 0
    row.forEach((one, index) => {
      if (one.day !== undefined) left += day
      const fills = !last && index === row.length - 1 && full <= rowHeight * MOST_STRETCH
      const wide = fills ? width - left : Math.round(one.ratio * height)
      all.push({ item: one.item, left, top, width: wide, height, day: one.day })
      left += wide + gap
    })
    top += height + words + gap
    row = []
  }
  for (const { title, short, items } of days) {
    items.forEach((item, index) => {
      const ratio = Math.max(NARROWEST_PX / rowHeight, Math.min(3.2, item.width / Math.max(1, item.height)))
      row.push({ item, ratio, day: index === 0 ? { title, short } : undefined })
      if (ratios(row) * rowHeight >= room(row)) lay(false)
    })
  }
  lay(true)
  return { all, height: top }
}
