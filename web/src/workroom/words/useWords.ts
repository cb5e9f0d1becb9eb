import type { Edit, Problem } from '../../api/client'
import { useRoom } from '../context'
import { useAdding } from '../useAdding'

/** What of words' look is to be another. */
export type Dressing = Omit<Extract<Edit, { kind: 'dressWords' }>, 'kind' | 'pageId' | 'itemIds'>

/** What can be done to words: put them on the page, write them, dress them. */
export function useWords() {
  const { page, handle, select } = useRoom()
  const adding = useAdding()
  return {
    /** Puts words on the page and begins to write them. */
    add: async (where: 'TOP' | 'BOTTOM' | 'FREE') => {
      const added = await adding({ kind: 'addWords', pageId: page.id, where })
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
