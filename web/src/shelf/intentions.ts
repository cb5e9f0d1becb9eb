import type { LengthUnit, ShelfItem } from '../api/client'

/** What somebody means to make, and the sizes that are natural for it in each kind of unit. */
export interface Intention {
  id: 'wall' | 'canvases' | 'album' | 'prices' | 'prints' | 'card'
  name: string
  /** Said below its name. */
  about: string
  /** In micrometres, the first one to begin with. */
  sizes: Record<'metric' | 'inch', [width: number, height: number][]>
  margin: Record<'metric' | 'inch', number>
  /** Between photos; nothing for what suits the page. */
  gap?: Record<'metric' | 'inch', number>
  bleed: Record<'metric' | 'inch', number>
  /** Each photo or label has this size, and as many as fit are on a page. */
  cells?: Record<'metric' | 'inch', [width: number, height: number][]>
}

const mm = (width: number, height: number): [number, number] => [width * 1000, height * 1000]
const cm = (width: number, height: number): [number, number] => [width * 10_000, height * 10_000]
const inches = (width: number, height: number): [number, number] => [width * 25_400, height * 25_400]
const INCH = 25_400
/** Trimmed by a shop: 3 mm, or an eighth of an inch. */
const TRIMMED = { metric: 3000, inch: INCH / 8 }

export const INTENTIONS: Intention[] = [
  {
    id: 'wall',
    name: 'A wall piece',
    about: 'many photos on one large sheet',
    sizes: {
      metric: [cm(90, 60), cm(60, 40), cm(45, 30), cm(100, 70)],
      inch: [inches(36, 24), inches(24, 16), inches(20, 16), inches(12, 8)],
    },
    margin: { metric: 30_000, inch: INCH },
    gap: { metric: 8000, inch: (INCH * 3) / 8 },
    bleed: TRIMMED,
  },
  {
    id: 'canvases',
    name: 'Several canvases',
    about: 'one photo over several',
    sizes: {
      metric: [cm(40, 60), cm(30, 40), cm(50, 50), cm(60, 40)],
      inch: [inches(16, 24), inches(12, 16), inches(20, 20), inches(24, 16)],
    },
    margin: { metric: 0, inch: 0 },
    // Round bars of 20 mm and their back.
    bleed: { metric: 35_000, inch: 1.5 * INCH },
  },
  {
    id: 'album',
    name: 'An album',
    about: 'photos over many pages',
    sizes: {
      metric: [cm(21, 21), mm(297, 210), cm(30, 30), mm(210, 297)],
      inch: [inches(8, 8), inches(11, 8.5), inches(12, 12), inches(8.5, 11)],
    },
    margin: { metric: 12_000, inch: INCH / 2 },
    gap: { metric: 4000, inch: (INCH * 3) / 16 },
    bleed: TRIMMED,
  },
  {
    id: 'prices',
    name: 'Products or prices',
    about: 'photos of one size, with words',
    sizes: {
      metric: [mm(210, 297), mm(297, 210), mm(148, 210)],
      inch: [inches(8.5, 11), inches(11, 8.5), inches(5.5, 8.5)],
    },
    margin: { metric: 15_000, inch: INCH / 2 },
    gap: { metric: 5000, inch: INCH / 4 },
    bleed: TRIMMED,
    cells: { metric: [cm(5, 5), cm(4, 4), cm(6, 9)], inch: [inches(2, 2), inches(1.5, 1.5), inches(2.5, 3.5)] },
  },
  {
    id: 'prints',
    name: 'Prints to cut',
    about: 'photos of exact size on a sheet',
    sizes: { metric: [mm(210, 297), mm(297, 420)], inch: [inches(8.5, 11), inches(11, 17)] },
    margin: { metric: 5000, inch: INCH / 4 },
    gap: { metric: 4000, inch: INCH / 8 },
    bleed: { metric: 0, inch: 0 },
    cells: {
      metric: [cm(13, 9), cm(15, 10), cm(9, 9), cm(5, 7)],
      inch: [inches(5, 3.5), inches(6, 4), inches(3.5, 3.5), inches(2.5, 3.5)],
    },
  },
  {
    id: 'card',
    name: 'A card',
    about: 'to post or to give',
    sizes: {
      metric: [mm(148, 105), cm(15, 10), mm(140, 140), mm(210, 99)],
      inch: [inches(6, 4), inches(7, 5), inches(5.5, 5.5)],
    },
    margin: { metric: 6000, inch: INCH / 4 },
    gap: { metric: 3000, inch: INCH / 8 },
    bleed: TRIMMED,
  },
]

/** What a piece on the shelf is called that was begun so. */
export const KINDS: Record<NonNullable<ShelfItem['kind']>, string> = {
  WALL: 'wall piece',
  CANVASES: 'canvases',
  ALBUM: 'album',
  PRICES: 'products or prices',
  PRINTS: 'prints to cut',
  CARD: 'card',
}

export const kindOf = ({ id }: Intention) => id.toUpperCase() as Uppercase<Intention['id']>

export const systemOf = (unit: LengthUnit): 'metric' | 'inch' => (unit === 'MM' || unit === 'CM' ? 'metric' : 'inch')
