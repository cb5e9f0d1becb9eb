import { channels } from '../../fields/contrast'

/** Hue, saturation and lightness of a colour, each 0 to 1. */
type Hsl = [number, number, number]

function hslOf(colour: string): Hsl {
  const [r, g, b] = channels(colour)
  const most = Math.max(r, g, b)
  const least = Math.min(r, g, b)
  const lightness = (most + least) / 2
  const range = most - least
  if (range === 0) return [0, 0, lightness]
  const saturation = range / (1 - Math.abs(2 * lightness - 1))
  const hue = most === r ? ((g - b) / range + 6) % 6 : most === g ? (b - r) / range + 2 : (r - g) / range + 4
  return [hue / 6, saturation, lightness]
}

function colourOf([hue, saturation, lightness]: Hsl) {
  const reach = saturation * Math.min(lightness, 1 - lightness)
  const channel = (n: number) => {
    const at = (n + hue * 12) % 12
    const value = lightness - reach * Math.max(-1, Math.min(at - 3, 9 - at, 1))
    return Math.round(255 * value)
      .toString(16)
      .padStart(2, '0')
  }
  return `#${channel(0)}${channel(8)}${channel(4)}`
}

/**
 * All parts in one hue: the first of them is the given colour, and the others are as much lighter or darker than it as they are in the
 * drawing itself.
 */
export function inOneHue(usual: string[], colour: string): string[] {
  const [hue, saturation, lightness] = hslOf(colour)
  const own = hslOf(usual[0] ?? colour)[2]
  return usual.map((part, index) => {
    if (index === 0) return colour
    const wanted = lightness + hslOf(part)[2] - own
    return colourOf([hue, saturation, Math.min(0.95, Math.max(0.08, wanted))])
  })
}
