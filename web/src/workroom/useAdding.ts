import type { Edit } from '../api/client'
import { useRoom } from './context'
import type { Frame } from './piece/model'

/** Makes an edit that adds a frame to the page, and gives that frame; nothing if it was refused. */
export function useAdding(): (edit: Edit) => Promise<Frame | undefined> {
  const { storedPage, handle } = useRoom()
  return async (edit) => {
    const before = new Set(storedPage.frames.map(({ id }) => id))
    if (await handle.edit(edit)) return undefined
    return handle
      .latest()
      ?.page(storedPage.id)
      ?.frames.find(({ id }) => !before.has(id))
  }
}
