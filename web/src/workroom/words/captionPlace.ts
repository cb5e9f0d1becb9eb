import type { Box, CaptionStyle, FrameScene } from '../../api/client'

const MM_PER_PT = 25.4 / 72
const LEADING = 1.25

/** Where the words below a frame stand, or would stand, in page millimetres. */
export function captionPlace({ box, bands }: FrameScene, { sizePt, lines }: CaptionStyle): Box {
  const outside = bands.reduce((sum, { side, width }) => sum + (side === 'OUTSIDE' ? width / 1000 : 0), 0)
  return {
    x: box.x - outside,
    y: box.y + box.height + outside,
    width: box.width + 2 * outside,
    height: (lines + 0.5) * LEADING * sizePt * MM_PER_PT,
  }
}
