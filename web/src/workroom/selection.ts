import type { Frame, Page, Piece } from '../api/client'

/** What the workroom is looking at. The page and frame are looked up anew in each piece, so a stale one simply ends. */
export interface Selection {
  pageId?: string
  frameId?: string
  /** Whether the selected frame's crop is being changed on the bench. */
  cropping: boolean
}

export type SelectionAction =
  | { kind: 'page'; pageId: string }
  | { kind: 'frame'; pageId: string; frameId: string }
  | { kind: 'crop'; on: boolean }
  | { kind: 'none' }

export function selectionReducer(state: Selection, action: SelectionAction): Selection {
  switch (action.kind) {
    case 'page':
      return { pageId: action.pageId, cropping: false }
    case 'frame': {
      const same = state.frameId === action.frameId
      return { pageId: action.pageId, frameId: action.frameId, cropping: same && state.cropping }
    }
    case 'crop':
      return { ...state, cropping: action.on && state.frameId !== undefined }
    case 'none':
      return { pageId: state.pageId, cropping: false }
  }
}

export function pageOf(piece: Piece, selection: Selection): Page {
  const page = piece.pages.find(({ id }) => id === selection.pageId) ?? piece.pages[0]
  if (!page) throw new Error('A piece has at least one page')
  return page
}

export const frameOf = (page: Page, selection: Selection): Frame | undefined =>
  page.frames.find(({ id }) => id === selection.frameId)

/** How often each photo is shown, and on which pages (counted from 1). */
export function usesOf(piece: Piece): Map<string, number[]> {
  const uses = new Map<string, number[]>()
  piece.pages.forEach((page, index) =>
    page.frames.forEach(({ photo }) => photo && uses.set(photo, [...(uses.get(photo) ?? []), index + 1])),
  )
  return uses
}
