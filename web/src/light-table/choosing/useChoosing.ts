import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { type ChoosingView, client, data } from '../../api/client'

export interface Choosing {
  /** The group of photos that look alike of each that is in one, the sharpest first. */
  alike: Map<string, string[]>
  groups: string[][]
  blurred: Set<string>
  /** Photos that have not been looked at yet. */
  left: number
}

const choosingOf = ({ alike, blurred, left }: ChoosingView): Choosing => ({
  alike: new Map(alike.flatMap((group) => group.map((photo) => [photo, group] as const))),
  groups: alike,
  blurred: new Set(blurred),
  left,
})

/** What helps to choose from many photos; asked for again until all have been looked at. */
export function useChoosing(piece: string, files: string, on: boolean): Choosing | undefined {
  const { data: found } = useQuery({
    queryKey: ['alike', piece, files],
    queryFn: () => data(client.GET('/api/pieces/{piece}/photos/alike', { params: { path: { piece } } })),
    enabled: on,
    refetchInterval: ({ state }) => (state.data && state.data.left > 0 ? 50 : false),
    placeholderData: (before) => before,
  })
  return useMemo(() => (on && found ? choosingOf(found) : undefined), [on, found])
}
