import type {
  Adjustments,
  Album,
  Arrangement,
  Course,
  Cover,
  Crop,
  Entry,
  Format,
  FrameItem,
  FrameWords,
  Guide,
  Item,
  Marks,
  Outline,
  OwnTable,
  PageSummary,
  PageView,
  Paint,
  Rule,
  StyleSheet,
  StyleUse,
  TextStyle,
} from '../../api/client'

/** A photo as it is. */
export const UNCHANGED: Adjustments = { amounts: {} }

export const isUnchanged = ({ amounts, treatment }: Adjustments) => Object.keys(amounts).length === 0 && !treatment

/** A piece as the workroom knows it: its pages are known by what is told of each. */
export interface Piece {
  id: string
  name: string
  format: Format
  styles: StyleSheet
  /** From whose rows the photos’ words are made. */
  table: OwnTable | null
  /** How the photos flow over pages, if they do. */
  album: Album | null
  /** What it is the cover of, if it is one. */
  cover: Cover | null
  entries: Entry[]
  pages: PageSummary[]
}

/** The place that a frame has as its own, micrometres. */
export interface Spot {
  x: number
  y: number
  width: number
  height: number
  turnDegrees: number
}

/** A frame as it is worked with: what it shows, and where it lies. */
export interface Frame {
  id: string
  /** As it is stored. */
  item: FrameItem
  /** The entry that it shows, and that entry's photo. */
  entry?: string
  photo?: string
  /** The words that it shows instead of a photo, or that stand on its ornament. */
  text?: { text: string; style: TextStyle; course: Course; shared?: string | null }
  /** The drawing that it shows instead of a photo. */
  ornament?: Extract<FrameItem['fill'], { kind: 'ornament' }>
  /** Whether a photo shows in it, or could. */
  forPhotos: boolean
  /** What covers it instead of a photo, or the line in it. */
  box?: Paint
  rule?: Rule
  empty: boolean
  crop: Crop
  /** How the light and colour of its photo are changed. */
  adjusted: Adjustments
  /** The words that stand below it. */
  caption: string
  words: FrameWords
  marks: Marks
  style: StyleUse
  outline: Outline
  /** Its own place; nothing if it follows from the arrangement or from the page. */
  spot?: Spot
  slot?: number
  /** On which side of the page it lies across. */
  across?: 'TOP' | 'BOTTOM'
  locked: boolean
  hidden: boolean
  opacity: number
  /** How it lies on what is behind it. */
  blend: FrameItem['look']['blend']
  /** How it grows faint towards a side or outwards. */
  fading?: FrameItem['look']['fading']
  /** The group that holds it. */
  group?: string
}

export interface Page {
  id: string
  ground: PageView['page']['ground']
  pictures: PageView['page']['pictures']
  /** Whether its number stands on it, where pages have numbers. */
  numbered: boolean
  arrangement: Arrangement
  /** From back to front. */
  items: Item[]
  /** All frames, those in groups, too, from back to front. */
  frames: Frame[]
  guides: Guide[]
}

const CENTRED: Crop = {
  focusX: 0.5,
  focusY: 0.5,
  zoom: 1,
  turnDegrees: 0,
  flipped: false,
  fit: 'FILL',
  aim: 'SUBJECT',
}

export function pageFrom({ page }: PageView, entries: Map<string, Entry>): Page {
  const { id, ground, numbered, arrangement, items, guides, pictures: shared } = page
  const pictures = new Map(page.pictures.map((picture) => [picture.id, picture.entry]))
  const frames = items.flatMap((item) => framesFrom(item, entries, pictures, undefined))
  return { id, ground, numbered, arrangement, items, frames, guides, pictures: shared }
}

function framesFrom(
  item: Item,
  entries: Map<string, Entry>,
  pictures: Map<string, string>,
  group: string | undefined,
): Frame[] {
  if (item.kind === 'group')
    return item.children.flatMap((child) => framesFrom(child, entries, pictures, group ?? item.id))
  return [frameFrom(item, entries, pictures, group)]
}

/** A frame whose item and entry are the same ones is the same value, so that it is not drawn anew. */
const madeFrom = new WeakMap<FrameItem, { entry: Entry | undefined; group: string | undefined; frame: Frame }>()

function frameFrom(
  item: FrameItem,
  entries: Map<string, Entry>,
  pictures: Map<string, string>,
  group: string | undefined,
): Frame {
  const { id, placement, fill, look, words, marks, style, outline } = item
  const entryId =
    fill.kind === 'ownPhoto' ? fill.entry : fill.kind === 'through' ? pictures.get(fill.picture) : undefined
  const entry = entryId === undefined ? undefined : entries.get(entryId)
  const made = madeFrom.get(item)
  if (made && made.entry === entry && made.group === group) return made.frame
  const frame: Frame = {
    id,
    item,
    entry: entry?.id,
    photo: entry?.photo,
    text: fill.kind === 'words' ? fill : fill.kind === 'ornament' ? (fill.words ?? undefined) : undefined,
    ornament: fill.kind === 'ornament' ? fill : undefined,
    forPhotos: fill.kind === 'empty' || fill.kind === 'ownPhoto' || fill.kind === 'through',
    box: fill.kind === 'painted' ? fill.paint : undefined,
    rule: fill.kind === 'ruled' ? fill.rule : undefined,
    empty: fill.kind === 'empty',
    crop: fill.kind === 'ownPhoto' ? fill.crop : CENTRED,
    adjusted: (fill.kind === 'ownPhoto' || fill.kind === 'through' ? fill.adjusted : undefined) ?? UNCHANGED,
    caption: words.kind === 'own' ? words.text : (entry?.caption ?? ''),
    words,
    marks,
    style,
    outline,
    spot: placement.kind === 'free' ? { ...placement.box, turnDegrees: placement.turnDegrees } : undefined,
    slot: placement.kind === 'inSlot' ? placement.slot : undefined,
    across: placement.kind === 'across' ? placement.side : undefined,
    locked: look.locked,
    hidden: look.hidden,
    opacity: look.opacity,
    blend: look.blend,
    fading: look.fading,
    group,
  }
  madeFrom.set(item, { entry, group, frame })
  return frame
}

/** The frames that the arrangement places, in the order of its slots. */
export const slotted = (page: Page): Frame[] =>
  page.frames.filter(({ slot }) => slot !== undefined).toSorted((a, b) => (a.slot ?? 0) - (b.slot ?? 0))

/** How often each entry is shown, and on which pages (counted from 1). */
export function usesOf(piece: Piece): Map<string, number[]> {
  const uses = new Map<string, number[]>()
  piece.pages.forEach(({ entries }, index) =>
    entries.forEach((entry) => uses.set(entry, [...(uses.get(entry) ?? []), index + 1])),
  )
  return uses
}

/** The entries that no frame shows, in their order. */
export function waitingIn(piece: Piece): Entry[] {
  const uses = usesOf(piece)
  return piece.entries.filter(({ id }) => !uses.has(id))
}

/** The edit that moves a frame to a place of its own. */
export const moveOf = (frameId: string, { x, y, width, height, turnDegrees }: Spot) => ({
  itemId: frameId,
  to: { kind: 'free' as const, box: { x, y, width, height }, turnDegrees },
})
