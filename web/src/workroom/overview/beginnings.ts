import type { Piece } from '../piece/model'

/** The titles of chapters by the pages on which they begin. */
export function beginningsOf({ album, pages }: Pick<Piece, 'album' | 'pages'>): Map<string, string> {
  const titles = new Map(album?.chapters.map(({ first, title }) => [first, title]) ?? [])
  const begins = new Map<string, string>()
  pages.forEach((page, index) => {
    const title = page.entries.map((entry) => titles.get(entry)).find(Boolean)
    if (!title) return
    const opening = pages[index - 1]
    begins.set(opening?.flow === 'OPENING' ? opening.id : page.id, title)
  })
  return begins
}
