import type { Band, FrameStyle, Shadow, StyleDifference, StyleSheet } from '../../api/client'
import type { Frame } from './model'

/** The style of frames that nobody has given another. */
export function usualStyle({ frames }: StyleSheet): FrameStyle {
  const [usual] = frames
  if (!usual) throw new Error('A style sheet has at least one style')
  return usual
}

/** What a frame's look comes to: its style with what differs from it. */
export function styleOf(frame: Frame | undefined, sheet: StyleSheet): FrameStyle {
  const style = sheet.frames.find(({ id }) => id === frame?.style.style) ?? usualStyle(sheet)
  return (frame?.style.differences ?? []).reduce(differing, style)
}

function differing(style: FrameStyle, difference: StyleDifference): FrameStyle {
  const banded = (index: number, change: Partial<Band>) => ({
    ...style,
    bands: style.bands.map((band, at) => (at === index ? { ...band, ...change } : band)),
  })
  switch (difference.kind) {
    case 'bandWidth':
      return banded(difference.band, { width: difference.width })
    case 'bandColour':
      return banded(difference.band, { colour: difference.colour })
    case 'bandSide':
      return banded(difference.band, { side: difference.side })
    case 'cornerRadius':
      return { ...style, cornerRadius: difference.radius }
    case 'shadowCast':
      return { ...style, shadow: difference.shadow }
  }
}

/** The first band, the corners and the shadow: what is set by one border's fields. */
export interface Border {
  width: number
  colour: string
  side: Band['side']
  radius: number
  shadow: Shadow
}

export function borderOf({ bands, cornerRadius, shadow }: FrameStyle): Border {
  const [band] = bands
  if (!band) throw new Error('A style has at least one band')
  return { width: band.width, colour: band.colour, side: band.side, radius: cornerRadius, shadow }
}

/** The style with another border. */
export const withBorder = (
  style: FrameStyle,
  { width, colour, side, radius, shadow }: Partial<Border>,
): FrameStyle => ({
  ...style,
  cornerRadius: radius ?? style.cornerRadius,
  shadow: shadow ?? style.shadow,
  bands: style.bands.map((band, index) =>
    index === 0 ? { width: width ?? band.width, colour: colour ?? band.colour, side: side ?? band.side } : band,
  ),
})

/** One changed property of a border as a difference from the style. */
export function differenceOf({ width, colour, side, radius, shadow }: Partial<Border>): StyleDifference | undefined {
  if (width !== undefined) return { kind: 'bandWidth', band: 0, width }
  if (colour !== undefined) return { kind: 'bandColour', band: 0, colour }
  if (side !== undefined) return { kind: 'bandSide', band: 0, side }
  if (shadow !== undefined) return { kind: 'shadowCast', shadow }
  return radius === undefined ? undefined : { kind: 'cornerRadius', radius }
}

/** This name with the next number that no other style has. */
export function freeName(name: string, { frames }: StyleSheet): string {
  const taken = new Set(frames.map((style) => style.name.toLowerCase()))
  const stem = name.replace(/ \d+$/, '').slice(0, 50)
  let number = 2
  while (taken.has(`${stem} ${number}`.toLowerCase())) number++
  return `${stem} ${number}`
}

/** The width of all bands that cover the edge, millimetres. */
export const insideMm = (bands: Band[]): number =>
  bands.reduce((sum, { side, width }) => sum + (side === 'INSIDE' ? width / 1000 : 0), 0)

const sameShadow = (a: Shadow, b: Shadow) =>
  (a.strength === 0 && b.strength === 0) ||
  (a.strength === b.strength && a.height === b.height && a.softness === b.softness && a.colour === b.colour)

const same = (one: FrameStyle, other: FrameStyle) => {
  const [a, b] = [borderOf(one), borderOf(other)]
  const bands = a.width === b.width && a.radius === b.radius && a.side === b.side
  return bands && (a.width === 0 || a.colour === b.colour) && sameShadow(a.shadow, b.shadow)
}

/** The frames that look like this one. Without a border or a shadow, what else is set of it does not matter. */
export const alike = (frames: Frame[], frame: Frame, sheet: StyleSheet): Frame[] =>
  frames.filter((one) => same(styleOf(one, sheet), styleOf(frame, sheet)))
