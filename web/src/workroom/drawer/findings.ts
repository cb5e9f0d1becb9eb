import type { PageScene, Piece } from '../../api/client'

export interface Finding {
  grave: boolean
  pageId: string
  frameId: string
  /** Counted from 1. */
  page: number
  frame: number
  what: string
}

/** What a look over the pages finds: bare frames, soft photos, words that do not fit or cannot be set. */
export function findingsOf(piece: Piece, scenes: Record<string, PageScene>): Finding[] {
  return piece.pages.flatMap((page, pageIndex) =>
    (scenes[page.id]?.frames ?? []).flatMap((frame, index) => {
      const at = { pageId: page.id, frameId: frame.frameId, page: pageIndex + 1, frame: index + 1 }
      const found: Finding[] = []
      const ppi = Math.round(frame.photo?.ppi ?? 0)
      if (!frame.photo) found.push({ ...at, grave: false, what: 'is empty' })
      if (frame.photo?.sharpness === 'LOOSE')
        found.push({ ...at, grave: true, what: `will print too soft: ${ppi} ppi` })
      if (frame.photo?.sharpness === 'OPEN')
        found.push({ ...at, grave: false, what: `will print a little soft: ${ppi} ppi` })
      if (frame.words && !frame.words.allShown)
        found.push({ ...at, grave: true, what: 'has more words than fit; the rest is cut off' })
      if (frame.words?.missing)
        found.push({ ...at, grave: true, what: `has signs that the typeface lacks: ${frame.words.missing}` })
      return found
    }),
  )
}
