import { useCallback, useMemo, useState } from 'react'

/** Alone, one more or one less, or all from the last one on. */
export type How = 'alone' | 'more' | 'through'

/** Which of the photos are selected; those that are gone are not. */
export function useChosen(order: string[]) {
  const [state, setState] = useState<{ ids: string[]; last?: string }>({ ids: [] })
  const chosen = useMemo(() => {
    const there = new Set(order)
    return new Set(state.ids.filter((id) => there.has(id)))
  }, [order, state])
  const choose = useCallback(
    (id: string, how: How) =>
      setState(({ ids, last }) => {
        if (how === 'alone') return ids.length === 1 && ids[0] === id ? { ids: [] } : { ids: [id], last: id }
        if (how === 'more') return { ids: ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id], last: id }
        const [from, to] = [order.indexOf(last ?? id), order.indexOf(id)]
        const between = order.slice(Math.min(from, to), Math.max(from, to) + 1)
        return { ids: [...new Set([...ids, ...between])], last: id }
      }),
    [order],
  )
  const forget = useCallback(() => setState({ ids: [] }), [])
  return useMemo(() => ({ chosen, choose, forget }), [chosen, choose, forget])
}
