import type { Box, CaptionStyle, FrameScene } from '../../api/client'
import { widthMm } from '../piece/styles'

const MM_PER_PT = 25.4 / 72
const LEADING = 1.25

/** Where the words below a frame, or on its foot, stand, or would stand, in page millimetres. */
export function captionPlace({ box, bands, footMm }: FrameScene, { sizePt, lines }: CaptionStyle): Box {
  const outside = widthMm(bands, 'OUTSIDE')
  if (footMm > 0) return { x: box.x, y: box.y + box.height, width: box.width, height: outside + footMm }
  return {
    x: box.x - outside,
    y: box.y + box.height + outside,
    width: box.width + 2 * outside,
    height: (lines + 0.5) * LEADING * sizePt * MM_PER_PT,
  }
}
