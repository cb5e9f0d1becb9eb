import { useSyncExternalStore } from 'react'
import type { Spot } from '../piece/model'
import type { Distance, SnapLine } from './snap'

/** A frame as it is being dragged, before it is stored: only moved, or with another size or turn. */
interface Draft {
  spot: Spot
  shape: boolean
}

/** What is drawn over the page while dragging. */
export interface Marks {
  lines: readonly SnapLine[]
  distances: Distance[]
  /** Words beside the pointer's frame, where they stand in page millimetres. */
  said?: { text: string; x: number; y: number }
}

const NO_MARKS: Marks = { lines: [], distances: [] }

/**
 * Frames under way, outside React's tree: a drag sends many changes a second, and each must draw only the frame that it is
 * about.
 */
class Drafts {
  private frames = new Map<string, Draft>()
  private marks: Marks = NO_MARKS
  private readonly listeners = new Set<() => void>()

  subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  of = (frameId: string) => this.frames.get(frameId)

  any = () => this.frames.size > 0

  shown = () => this.marks

  show(spots: { frameId: string; spot: Spot }[], shape: boolean, marks: Marks) {
    this.frames = new Map(spots.map(({ frameId, spot }) => [frameId, { spot, shape }]))
    this.marks = marks
    this.tell()
  }

  /** The pointer has let go: the frames stay as drawn until the page has followed. */
  settle() {
    this.marks = NO_MARKS
    this.tell()
  }

  clear() {
    if (this.frames.size === 0 && this.marks === NO_MARKS) return
    this.frames = new Map()
    this.marks = NO_MARKS
    this.tell()
  }

  private tell() {
    this.listeners.forEach((listener) => listener())
  }
}

export const drafts = new Drafts()

export const useDraft = (frameId: string) => useSyncExternalStore(drafts.subscribe, () => drafts.of(frameId))

/** Whether any frame is being dragged. */
export const useAnyDraft = () => useSyncExternalStore(drafts.subscribe, drafts.any)

export const useDragMarks = () => useSyncExternalStore(drafts.subscribe, drafts.shown)
