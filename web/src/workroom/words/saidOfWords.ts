import type { FrameScene } from '../../api/client'

/** What is to be said of set words: what no typeface can draw, and where signs come from that the chosen one lacks. */
export function saidOfWords(words: FrameScene['words'], typeface: string) {
  const wrong = words?.missing ? `No typeface has a sign for: ${words.missing}` : undefined
  const lent = words?.lenders.length
    ? `${typeface} lacks some signs; they come from ${words.lenders.join(', ')}.`
    : undefined
  return { wrong, lent }
}
