import type { Edit, Problem } from '../../api/client'
import { useRoom } from '../context'

/** What of words' look is to be another. */
export type Dressing = Omit<Extract<Edit, { kind: 'dressWords' }>, 'kind' | 'pageId' | 'itemIds'>

/** What can be done to words: put them on the page, write them, dress them. */
export function useWords() {
  const { page, handle, select } = useRoom()
  return {
    /** Puts words on the page and begins to write them. */
    add: async (where: 'TOP' | 'BOTTOM' | 'FREE') => {
      const before = new Set(page.frames.map(({ id }) => id))
      if (await handle.edit({ kind: 'addWords', pageId: page.id, where })) return
      const added = handle
        .latest()
        ?.page(page.id)
        ?.frames.find(({ id }) => !before.has(id))
      if (added) select({ kind: 'write', pageId: page.id, frameId: added.id })
    },
    write: (frameId: string, text: string): Promise<Problem | null> =>
      handle.edit({ kind: 'writeWords', pageId: page.id, frameId, text }, { quiet: true }),
    dressing: (itemIds: string[], change: Dressing) => ({
      kind: 'dressWords' as const,
      pageId: page.id,
      itemIds,
      ...change,
    }),
  }
}
