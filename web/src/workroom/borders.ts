import type { Border, Dress, Frame } from '../api/client'

/** The border of frames that have none of their own. */
export const commonBorder = ({ borderColour, borderWidth, cornerRadius }: Dress): Border => ({
  colour: borderColour,
  width: borderWidth,
  radius: cornerRadius,
})

export const borderOf = (frame: Frame | undefined, dress: Dress): Border => frame?.border ?? commonBorder(dress)

const same = (one: Border, other: Border) =>
  one.width === other.width && one.radius === other.radius && (one.width === 0 || one.colour === other.colour)

/** The frames that look like this one. Without a border, its colour does not matter. */
export const alike = (frames: Frame[], frame: Frame, dress: Dress): Frame[] =>
  frames.filter((one) => same(borderOf(one, dress), borderOf(frame, dress)))
