import { type CaptionStyle, client, data, type Edit, windowName } from '../api/client'

/** Of a folded card. */
export const FOLDED_PAGES = 4

/** Fills the first page with cells of a size, in the direction in which more of them fit. */
export async function fill(id: string, revision: number, pageId: string, cell: { width: number; height: number }) {
  const path = { id }
  const read = await data(client.GET('/api/pieces/{id}/pages/{pageId}', { params: { path: { ...path, pageId } } }))
  const { arrangement } = read.page
  if (arrangement.kind !== 'grid') return revision
  return edited(id, revision, {
    kind: 'fillWithCells',
    pageId,
    grid: { ...arrangement, cell },
    mayTurn: true,
    reflow: 'AGREED',
  })
}

/** Prints are there to be cut out: fine lines show where, and no words stand between them. */
export async function asPrints(id: string, revision: number, captions: CaptionStyle) {
  const marked = await edited(id, revision, { kind: 'setCutMarks', marks: 'FINE' })
  await edited(id, marked, { kind: 'setCaptionStyle', captions: { ...captions, show: 'NONE' } })
}

/** A card to fold has a front, two pages inside, and a back. */
export async function asFolded(id: string, revision: number, pageId: string) {
  let now = revision
  for (let page = 1; page < FOLDED_PAGES; page++) now = await edited(id, now, { kind: 'addPage', afterPageId: pageId })
}

/** The revision after the edit. */
async function edited(id: string, revision: number, edit: Edit): Promise<number> {
  const body = { revision, edit, window: windowName }
  return (await data(client.POST('/api/pieces/{id}/edits', { params: { path: { id } }, body }))).revision
}
