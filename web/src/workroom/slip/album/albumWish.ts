import type { Album, Margins } from '../../../api/client'

/** Always so many on a page, or as suits the photos within limits. */
export const FULLNESS = { 1: 'always 1', 2: 'always 2', 3: 'always 3', 4: 'always 4', 6: 'always 6', 9: 'always 9' }
export const VARIED = 'varied'
const USUAL = { least: 2, most: 5, singles: true }

export const fullnessOf = ({ least, most }: Album): string =>
  least === most && least in FULLNESS ? String(least) : VARIED

export const withFullness = (album: Album, fullness: string): Album =>
  fullness === VARIED
    ? { ...album, ...USUAL }
    : { ...album, least: Number(fullness), most: Number(fullness), singles: false }

/** As an album is wished before anybody has said anything. */
export const usualAlbum = (margins: Margins, gap: number): Album => ({
  ...USUAL,
  openings: false,
  onRight: false,
  margins,
  gap,
  chapters: [],
})

const NONE: Margins = { top: 0, right: 0, bottom: 0, left: 0 }

export const toTheEdge = ({ margins }: Album) => Object.values(margins).every((margin) => margin === 0)

export const withEdge = (album: Album, edge: boolean, usual: Margins): Album => ({
  ...album,
  margins: edge ? NONE : usual,
})

export const sameAlbum = (one: Album, other: Album) =>
  one.least === other.least &&
  one.most === other.most &&
  one.singles === other.singles &&
  one.openings === other.openings &&
  one.onRight === other.onRight &&
  one.gap === other.gap &&
  one.alike === other.alike &&
  JSON.stringify(one.chapters) === JSON.stringify(other.chapters) &&
  (['top', 'right', 'bottom', 'left'] as const).every((side) => one.margins[side] === other.margins[side])
