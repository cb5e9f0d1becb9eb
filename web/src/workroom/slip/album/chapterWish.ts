import type { Album, Entry } from '../../../api/client'

type Chapters = Album['chapters']

/** The chapters as their photos follow each other: from which place in the order, and how many photos. */
export function chaptersInOrder(chapters: Chapters, entries: Entry[]) {
  const places = new Map(entries.map(({ id }, index) => [id, index]))
  const found = chapters
    .flatMap((chapter) => {
      const from = places.get(chapter.first)
      return from === undefined ? [] : [{ chapter, from }]
    })
    .toSorted((a, b) => a.from - b.from)
  return found.map((one, index) => {
    const part = entries.slice(one.from, found[index + 1]?.from ?? entries.length)
    return { ...one, photos: part.filter(({ aside }) => !aside).length }
  })
}

export const retitled = (chapters: Chapters, id: string, title: string): Chapters =>
  chapters.map((chapter) => (chapter.id === id ? { ...chapter, title } : chapter))

/** Without a chapter: its photos belong to the one before it. */
export const joined = (chapters: Chapters, id: string): Chapters => chapters.filter((chapter) => chapter.id !== id)

export const begun = (chapters: Chapters, first: string): Chapters => [
  ...chapters,
  { id: crypto.randomUUID(), title: '', first },
]
