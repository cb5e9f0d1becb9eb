import type { ChangeView, Entry, Head, PageChange, PageScene, PageView, PieceView, Splice } from '../../api/client'
import { type Page, pageFrom, type Piece } from './model'

/** What is known of an open piece: all but the content of pages that nobody has looked at. */
export interface KnownPiece {
  view: PieceView
  content: Record<string, PageView>
}

/** A piece as it shows, or as it is stored. */
export interface OpenPiece {
  /** As it shows: with the preview, if one is under way. */
  piece: Piece
  /** As it is stored; what a change starts from. */
  stored: Piece
  /** Whether a preview is under way. */
  tried: boolean
  revision: number
  undo?: string
  redo?: string
  /** A page's content, as it is stored; nothing if it has not been read. */
  page: (id: string) => Page | undefined
  /** A page's scene as it shows. */
  scene: (id: string) => PageScene | undefined
  /** A page's content as it shows. */
  shownPage: (id: string) => Page | undefined
}

/** A preview under way: how the page that is seen would be. */
export interface Shown {
  head: Head
  content?: PageView
}

export const spliced = (order: string[], { at, removed, inserted }: Splice): string[] => [
  ...order.slice(0, at),
  ...inserted,
  ...order.slice(at + removed.length),
]

/** Values in an order that may be another one, with those that changed in their places. What stays is the same value. */
function renewed<T>(before: T[], changed: T[], order: Splice | undefined, id: (value: T) => string): T[] {
  if (changed.length === 0 && !order) return before
  const known = new Map([...before, ...changed].map((value) => [id(value), value]))
  const ids = before.map(id)
  return (order ? spliced(ids, order) : ids).flatMap((name) => known.get(name) ?? [])
}

const ofItself = ({ id }: { id: string }) => id

/** A page's content after a change of it. */
function changedPage({ page, scene }: PageView, change: PageChange): PageView {
  const { ground, arrangement, guides, pictures, flow, numbered, widthMm, heightMm, bleedMm, colour, grid } = change
  return {
    revision: change.revision,
    look: change.look,
    page: {
      ...{ ...page, ground, arrangement, guides, pictures, flow, numbered },
      items: renewed(page.items, change.items, change.itemOrder, ofItself),
    },
    scene: {
      ...{ ...scene, widthMm, heightMm, bleedMm, colour, grid },
      frames: renewed(scene.frames, change.frames, change.frameOrder, ({ frameId }) => frameId),
      units: renewed(scene.units, change.units, change.unitOrder, ({ itemId }) => itemId),
    },
  }
}

/** What is known after a change. Content of pages that now look different is forgotten, unless it came along. */
export function afterChange({ view, content }: KnownPiece, change: ChangeView): KnownPiece {
  const stale = new Set(change.stale)
  const pages = renewed(view.pages, change.pages, change.pageOrder, ofItself).map((page) =>
    stale.has(page.id) ? { ...page, look: change.revision } : page,
  )
  const kept = new Set(pages.map(({ id }) => id))
  const different = new Set([...stale, ...change.pages.map(({ id }) => id)])
  const still = Object.entries(content).filter(([id]) => kept.has(id) && !different.has(id))
  const seen = change.content
  const old = seen && content[seen.pageId]
  const now = seen && old?.look === seen.before ? [[seen.pageId, changedPage(old, seen)] as const] : []
  return {
    view: {
      ...view,
      revision: change.revision,
      undo: change.undo,
      redo: change.redo,
      head: change.head ?? view.head,
      entries: renewed(view.entries, change.entries, change.entryOrder, ofItself),
      pages,
    },
    content: Object.fromEntries([...still, ...now]),
  }
}

/** What is known after the piece was read anew: content of pages that look as before is still good. */
export function afterReading(before: KnownPiece | undefined, view: PieceView): KnownPiece {
  const looks = new Map(view.pages.map(({ id, look }) => [id, look]))
  const still = Object.entries(before?.content ?? {}).filter(([id, { look }]) => looks.get(id) === look)
  return { view, content: Object.fromEntries(still) }
}

export const withContent = (known: KnownPiece, read: PageView): KnownPiece => {
  const summary = known.view.pages.find(({ id }) => id === read.page.id)
  if (!summary || read.look < summary.look) return known
  return { ...known, content: { ...known.content, [read.page.id]: read } }
}

const pieceOf = ({ id, entries, pages }: PieceView, { name, format, styles, table, album, cover }: Head): Piece => ({
  id,
  name,
  format,
  styles,
  table: table ?? null,
  album: album ?? null,
  cover: cover ?? null,
  entries,
  pages,
})

const byId = new WeakMap<Entry[], Map<string, Entry>>()

function entriesById(entries: Entry[]): Map<string, Entry> {
  const known = byId.get(entries) ?? new Map(entries.map((entry) => [entry.id, entry]))
  byId.set(entries, known)
  return known
}

export function opened({ view, content }: KnownPiece, shown: Shown | null): OpenPiece {
  const pages = new Map<PageView, Page>()
  const from = (read: PageView | undefined) => {
    if (!read) return undefined
    const page = pages.get(read) ?? pageFrom(read, entriesById(view.entries))
    pages.set(read, page)
    return page
  }
  const seen = (id: string) => (shown?.content?.page.id === id ? shown.content : content[id])
  const stored = pieceOf(view, view.head)
  return {
    piece: shown ? pieceOf(view, shown.head) : stored,
    stored,
    tried: shown !== null,
    revision: view.revision,
    undo: view.undo,
    redo: view.redo,
    page: (id) => from(content[id]),
    scene: (id) => seen(id)?.scene,
    shownPage: (id) => from(seen(id)),
  }
}
