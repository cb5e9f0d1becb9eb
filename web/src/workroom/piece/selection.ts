import type { Frame, Page } from './model'

/** The point about which a frame turns, as shares of its width and height. */
export interface Pivot {
  x: number
  y: number
}

/** What the workroom is looking at. The page and frames are looked up anew in each piece, so a stale one simply ends. */
export interface Selection {
  pageId?: string
  /** The frames taken hold of, the one that the slip speaks of last. */
  frameIds: string[]
  /** Whether the selected frame's crop is being changed on the bench. */
  cropping: boolean
  /** Whether the next drag on the page draws a frame. */
  drawing: boolean
  /** Whether a press takes hold of one more, as with Shift: for fingers. */
  several: boolean
  pivot: Pivot
  /** The frame whose words, or the words below which, are being written on the bench. */
  writing?: string
}

export const NOTHING: Selection = {
  frameIds: [],
  cropping: false,
  drawing: false,
  several: false,
  pivot: { x: 0.5, y: 0.5 },
}

export type SelectionAction =
  | { kind: 'page'; pageId: string }
  | { kind: 'frame'; pageId: string; frameId: string }
  /** Takes hold of one more, or lets go of it. */
  | { kind: 'toggle'; pageId: string; frameIds: string[] }
  | { kind: 'frames'; pageId: string; frameIds: string[] }
  | { kind: 'crop'; on: boolean }
  | { kind: 'draw'; on: boolean }
  | { kind: 'write'; pageId: string; frameId: string | undefined }
  | { kind: 'several'; on: boolean }
  | { kind: 'pivot'; pivot: Pivot }
  | { kind: 'none' }

export function selectionReducer(state: Selection, action: SelectionAction): Selection {
  const { pivot, several } = state
  const kept = { ...NOTHING, pivot, several }
  switch (action.kind) {
    case 'page':
      return { ...kept, pageId: action.pageId }
    case 'frame': {
      const same = state.frameIds.length === 1 && state.frameIds[0] === action.frameId
      return same ? state : { ...kept, pageId: action.pageId, frameIds: [action.frameId] }
    }
    case 'toggle': {
      const before = state.pageId === undefined || state.pageId === action.pageId ? state.frameIds : []
      const held = action.frameIds.every((id) => before.includes(id))
      const rest = before.filter((id) => !action.frameIds.includes(id))
      return { ...kept, pageId: action.pageId, frameIds: held ? rest : [...rest, ...action.frameIds] }
    }
    case 'frames':
      return { ...kept, pageId: action.pageId, frameIds: action.frameIds }
    case 'crop':
      return { ...state, cropping: action.on && state.frameIds.length === 1, drawing: false }
    case 'write': {
      const frameIds = action.frameId === undefined ? state.frameIds : [action.frameId]
      return { ...NOTHING, pivot, pageId: action.pageId, frameIds, writing: action.frameId }
    }
    case 'draw':
      return { ...NOTHING, pivot, pageId: state.pageId, drawing: action.on }
    case 'several':
      return { ...state, several: action.on, cropping: false, drawing: false }
    case 'pivot':
      return { ...state, pivot: action.pivot }
    case 'none':
      return { ...NOTHING, pivot, pageId: state.pageId }
  }
}

/** The selected frames that are on this page, in the order in which they were taken hold of. */
export const framesOf = (page: Page, { frameIds }: Selection): Frame[] =>
  frameIds.flatMap((frameId) => page.frames.find(({ id }) => id === frameId) ?? [])

/** A frame and those that are grouped with it. */
export function groupOf(page: Page, frameId: string): string[] {
  const group = page.frames.find(({ id }) => id === frameId)?.group
  return group ? page.frames.filter((frame) => frame.group === group).map(({ id }) => id) : [frameId]
}
