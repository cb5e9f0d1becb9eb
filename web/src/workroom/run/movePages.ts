import type { Room } from '../context'

/** Where pages come to lie that are put on the place of another: before it, or after it if they came from before. */
export function placeAmong(order: string[], moved: string[], target: string): number {
  const going = new Set(moved)
  const at = order.indexOf(target)
  const first = order.findIndex((id) => going.has(id))
  return order.slice(0, at + (first < at ? 1 : 0)).filter((id) => !going.has(id)).length
}

/** Puts pages on the place of another one; nothing if that is one of them. */
export function movePagesTo({ handle }: Room, pageIds: string[], target: string) {
  void handle.edit(({ piece }) => {
    const order = piece.pages.map(({ id }) => id)
    if (pageIds.includes(target) || !order.includes(target)) return null
    return { kind: 'movePages', pageIds, index: placeAmong(order, pageIds, target) }
  })
}
