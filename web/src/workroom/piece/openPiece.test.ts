import { expect, it } from 'vitest'
import type { ChangeView, Entry, Item, PageChange, PageView, PieceView } from '../../api/client'
import { afterChange, afterReading, type KnownPiece, opened, spliced, withContent } from './openPiece'

const frame = (id: string, entry: string) =>
  ({
    kind: 'frame',
    id,
    placement: { kind: 'slot', slot: 0 },
    fill: { kind: 'ownPhoto', entry, crop: {} },
    look: {},
    words: { kind: 'entry' },
  }) as unknown as Item
const read = (id: string, look: number, ...items: Item[]) =>
  ({
    page: { id, items, pictures: [], guides: [], arrangement: {} },
    scene: { pageId: id, frames: [], units: [] },
    look,
  }) as unknown as PageView
const summary = (id: string, look = 1) => ({ id, look, entries: [] }) as unknown as PieceView['pages'][number]
const entry = (id: string, caption: string) => ({ id, photo: `photo-${id}`, caption }) as Entry

const before: KnownPiece = {
  view: {
    id: 'x',
    revision: 1,
    head: { name: 'Kites' },
    entries: [entry('e', 'A kite')],
    pages: [summary('p'), summary('q')],
  } as unknown as PieceView,
  content: { p: read('p', 1, frame('f', 'e')), q: read('q', 1) },
}
/** A change of page p that leaves its items as they are, but for these. */
const pageChange = (before: number, fields: Partial<PageChange> = {}) =>
  ({
    ...{ pageId: 'p', look: 2, before, arrangement: {}, guides: [], pictures: [] },
    ...{ items: [], frames: [], units: [], ...fields },
  }) as unknown as PageChange
const change = (fields: Partial<ChangeView>) =>
  afterChange(before, { revision: 2, entries: [], pages: [], stale: [], ...fields } as ChangeView)

it('splices an order as the server tells it', () => {
  expect(spliced(['a', 'b', 'c'], { at: 1, removed: ['b'], inserted: ['x', 'y'] })).toEqual(['a', 'x', 'y', 'c'])
})

it('takes in only what changed, and shares the rest', () => {
  const content = pageChange(1, {
    items: [frame('g', 'e')],
    itemOrder: { at: 1, removed: [], inserted: ['g'] },
  })
  const after = change({ pages: [summary('p', 2)], content, undo: 'Added a photo' })
  expect(after.view.pages[1]).toBe(before.view.pages[1])
  expect(after.content.q).toBe(before.content.q)
  expect(after.content.p?.look).toBe(2)
  expect(after.content.p?.page.items.map(({ id }) => id)).toEqual(['f', 'g'])
  expect(after.content.p?.page.items[0]).toBe(before.content.p?.page.items[0])
  expect(after.content.p?.scene.frames).toBe(before.content.p?.scene.frames)
  expect(opened(after, null)).toMatchObject({ revision: 2, undo: 'Added a photo' })
})

it('forgets the content of a page that looks different and did not come along', () => {
  const after = change({ stale: ['q'] })
  expect(after.content.q).toBeUndefined()
  expect(after.view.pages.find(({ id }) => id === 'q')?.look).toBe(2)
  expect(after.content.p).toBe(before.content.p)
})

it('reads a page anew if the change starts from another look than is known', () => {
  expect(change({ pages: [summary('p', 3)], content: pageChange(2) }).content.p).toBeUndefined()
})

it('knows pages and entries in their new order, and drops those that are gone', () => {
  const after = change({
    pages: [summary('r', 2)],
    pageOrder: { at: 0, removed: ['p'], inserted: ['r'] },
    entries: [entry('d', '')],
    entryOrder: { at: 0, removed: [], inserted: ['d'] },
  })
  expect(after.view.pages.map(({ id }) => id)).toEqual(['r', 'q'])
  expect(Object.keys(after.content)).toEqual(['q'])
  expect(after.view.entries.map(({ id }) => id)).toEqual(['d', 'e'])
})

it('keeps what still looks the same when the piece is read anew, and ignores an answer that came late', () => {
  const again = afterReading(before, { ...before.view, pages: [summary('p', 3), summary('q')] })
  expect(Object.keys(again.content)).toEqual(['q'])
  expect(withContent(again, read('p', 2)).content.p).toBeUndefined()
  expect(withContent(again, read('p', 3)).content.p?.look).toBe(3)
})

it('shows a caption from its entry, and a preview without storing it', () => {
  const open = opened(before, { head: { name: 'Trial' } as never, content: read('p', 1) })
  expect(open.stored.name).toBe('Kites')
  expect(open.piece.name).toBe('Trial')
  expect(open.page('p')?.frames).toMatchObject([{ id: 'f', photo: 'photo-e', caption: 'A kite' }])
  expect(open.shownPage('p')?.frames).toEqual([])
})
