/** Red, green and blue of a colour, 0 to 1. */
export const channels = (colour: string): [number, number, number] => {
  const at = (start: number) => parseInt(colour.slice(start, start + 2), 16) / 255
  return [at(1), at(3), at(5)]
}

const linear = (value: number) => (value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4)

/** The relative luminance of a colour, 0 to 1 (WCAG 2.2). */
function luminance(colour: string): number {
  const [r, g, b] = channels(colour)
  return 0.2126 * linear(r) + 0.7152 * linear(g) + 0.0722 * linear(b)
}

/** The contrast of two colours, 1 to 21 (WCAG 2.2). */
export function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].toSorted((a, b) => b - a)
  return ((light ?? 0) + 0.05) / ((dark ?? 0) + 0.05)
}

/** The ground that is put behind words of this colour: light behind dark ones. */
export const groundBehind = (words: string) =>
  contrast(words, '#fffdf8') > contrast(words, '#22293a') ? '#fffdf8' : '#22293a'
