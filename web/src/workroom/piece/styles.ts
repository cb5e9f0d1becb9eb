import type { Band, Effect, FrameStyle, Shadow, StyleDifference, StyleSheet } from '../../api/client'
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

/** The style with one property changed. */
export function differing(style: FrameStyle, difference: StyleDifference): FrameStyle {
  const banded = (index: number, change: Partial<Band>) => ({
    ...style,
    bands: style.bands.map((band, at) => (at === index ? { ...band, ...change } : band)),
  })
  switch (difference.kind) {
    case 'bandWidth':
      return banded(difference.band, { width: difference.width })
    case 'bandPaint':
      return banded(difference.band, { paint: difference.paint })
    case 'bandSide':
      return banded(difference.band, { side: difference.side })
    case 'bandBevel':
      return banded(difference.band, { bevel: difference.bevel })
    case 'cornersCut':
      return { ...style, corners: difference.corners }
    case 'footHeight':
      return { ...style, foot: difference.foot }
    case 'otherEffect':
      return withEffect(style, difference.effect)
  }
}

const withEffect = (style: FrameStyle, effect: Effect): FrameStyle => ({
  ...style,
  effects: [...style.effects.filter(({ kind }) => kind !== effect.kind), effect],
})

/** The effect of this kind, also one that is turned down to nothing. */
export const effectOf = <K extends Effect['kind']>(
  { effects }: FrameStyle,
  kind: K,
): Extract<Effect, { kind: K }> | undefined =>
  effects.find((effect): effect is Extract<Effect, { kind: K }> => effect.kind === kind)

/** As the server names the property in which a frame differs. */
export function propertyOf(difference: StyleDifference): string {
  if ('band' in difference) return `${difference.kind} ${difference.band}`
  if (difference.kind === 'otherEffect') return difference.effect.kind
  return difference.kind === 'cornersCut' ? 'corners' : 'foot'
}

/** This name with the next number that no other style has. */
export function freeName(name: string, { frames }: StyleSheet): string {
  const taken = new Set(frames.map((style) => style.name.toLowerCase()))
  const stem = name.replace(/ \d+$/, '').slice(0, 50)
  let number = 2
  while (taken.has(`${stem} ${number}`.toLowerCase())) number++
  return `${stem} ${number}`
}

/** The width of all bands on one side of the frame's edge, millimetres. */
export const widthMm = (bands: Band[], of: Band['side']): number =>
  bands.reduce((sum, { side, width }) => sum + (side === of ? width / 1000 : 0), 0)

const isNone = (effect: Effect): boolean =>
  ('strength' in effect && effect.strength === 0) ||
  (effect.kind === 'softEdge' && effect.width === 0) ||
  (effect.kind === 'fastening' && effect.size === 0) ||
  (effect.kind === 'reflection' && effect.height === 0) ||
  (effect.kind === 'glow' && effect.spread === 0)

/** All that shows of a style, in one form. */
function shown({ bands, corners, foot, effects }: FrameStyle): string {
  const wide = bands.filter(({ width }) => width > 0)
  const seen = effects.filter((effect) => !isNone(effect)).sort((a, b) => a.kind.localeCompare(b.kind))
  const ordered = seen.map((effect) => Object.entries(effect).sort(([a], [b]) => a.localeCompare(b)))
  return JSON.stringify([wide.map(Object.entries), corners.size > 0 && [corners.cut, corners.size], foot, ordered])
}

/** Whether two are the same style, by name and by all that shows. */
export const sameStyle = (a: FrameStyle, b: FrameStyle): boolean => a.name === b.name && shown(a) === shown(b)

/** The frames that look like this one. Of what does not show it does not matter how it is set. */
export const alike = (frames: Frame[], frame: Frame, sheet: StyleSheet): Frame[] =>
  frames.filter((one) => shown(styleOf(one, sheet)) === shown(styleOf(frame, sheet)))

/** A shadow that nobody has set. */
export const NO_SHADOW: Shadow = { kind: 'shadow', height: 1000, softness: 2000, strength: 0, colour: '#22293a' }
