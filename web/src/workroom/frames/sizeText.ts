/** The two lengths of a size such as “7 × 5 in”: a unit said once, at the end, counts for both. Nothing if it is no size. */
export function partsOfSize(text: string): [string, string] | undefined {
  const [width, height, ...more] = text.split(/×|\s+x\s+|(?<=\d)x(?=\d)|\bby\b/i).map((part) => part.trim())
  if (!width || !height || more.length) return undefined
  const unit = /[a-z″"']+\s*$/i.exec(height)?.[0]
  return [unit && !/[a-z″"']/i.test(width) ? `${width} ${unit.trim()}` : width, height]
}
