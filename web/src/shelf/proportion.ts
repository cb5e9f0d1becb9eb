import type { Format } from '../api/client'

const LARGEST_PX = { width: 640, height: 430 }
/** Below this a piece could hardly be seen or hit. */
export const SMALLEST_SIDE_PX = 28

/** One scale for the whole shelf: the largest piece fills its room, all others stand in true proportion to it. */
export function scaleOf(formats: Pick<Format, 'width' | 'height'>[]): number {
  const width = Math.max(1, ...formats.map((format) => format.width / 1000))
  const height = Math.max(1, ...formats.map((format) => format.height / 1000))
  return Math.min(LARGEST_PX.width / width, LARGEST_PX.height / height)
}
