import type { Region } from '../../../api/client'

const LEAST = 0.03

const within = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))

/** The region moved by so much, as far as the photo reaches. */
export const regionMoved = (region: Region, dx: number, dy: number): Region => ({
  ...region,
  x: within(region.x + dx, 0, 1 - region.width),
  y: within(region.y + dy, 0, 1 - region.height),
})

/** The region with one corner drawn by so much; the opposite one stays. */
export function regionDrawn(region: Region, [x, y]: [number, number], dx: number, dy: number): Region {
  const [left, right] = side(region.x, region.x + region.width, x, dx)
  const [top, bottom] = side(region.y, region.y + region.height, y, dy)
  return { x: left, y: top, width: right - left, height: bottom - top }
}

function side(from: number, to: number, which: number, by: number): [number, number] {
  return which < 0 ? [within(from + by, 0, to - LEAST), to] : [from, within(to + by, from + LEAST, 1)]
}
