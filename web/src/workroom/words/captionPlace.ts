import type { Box, CaptionStyle, FrameScene } from '../../api/client'
import { widthMm } from '../piece/styles'

const MM_PER_PT = 25.4 / 72
const LEADING = 1.25
/** Beside and above words on a picture, in type sizes. */
const PAD = 0.6

/** Where a photo's words stand, or would stand, in page millimetres. */
export function captionPlace(
  { box, window, bands, footMm, words }: FrameScene,
  { place, sizePt, lines, beside }: Pick<CaptionStyle, 'place' | 'sizePt' | 'lines' | 'beside'>,
): Box {
  const outside = widthMm(bands, 'OUTSIDE')
  if (footMm > 0) return { x: box.x, y: box.y + box.height, width: box.width, height: outside + footMm }
  const line = LEADING * sizePt * MM_PER_PT
  if (place === 'ON_PICTURE') {
    const height = Math.min(window.height, lines * line + PAD * sizePt * MM_PER_PT)
    return { x: window.x, y: window.y + window.height - height, width: window.width, height }
  }
  if (place === 'LEFT' || place === 'RIGHT') {
    // As high as what is written there, at the photo's foot.
    const height = Math.max(1, words?.lines.length ?? 0) * line
    const width = beside / 1000 - line / 2
    return {
      x: place === 'LEFT' ? box.x - outside - line / 2 - width : box.x + box.width + outside + line / 2,
      y: box.y + box.height + outside - height,
      width,
      height,
    }
  }
  const height = (lines + 0.5) * line
  return {
    x: box.x - outside,
    y: place === 'ABOVE' ? box.y - outside - height : box.y + box.height + outside,
    width: box.width + 2 * outside,
    height,
  }
}
