import type { PieceHandle } from './usePiece'

/**
 * The photo comes to where the other one is in the order, and the others close up.
 *
 * @param moved finds what is to have the focus then: a browser takes it from what is moved in the page, and the next key press must find it there
 */
export function moveInOrder(
  handle: PieceHandle,
  entryId: string,
  to: string,
  moved: () => HTMLElement | null | undefined,
) {
  void handle
    .edit(({ stored }) => {
      const ids = stored.entries.map(({ id }) => id)
      const [from, at] = [ids.indexOf(entryId), ids.indexOf(to)]
      if (from < 0 || at < 0) return null
      ids.splice(from, 1)
      ids.splice(at, 0, entryId)
      return { kind: 'orderEntries', entryIds: ids }
    })
    .then(() =>
      requestAnimationFrame(() => {
        if (document.activeElement === document.body) moved()?.focus()
      }),
    )
}
