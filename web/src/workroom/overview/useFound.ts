import { useQuery } from '@tanstack/react-query'
import { client, data } from '../../api/client'
import { useSettled } from '../view/useSettled'

/** The pages on which a text is found, in reading order; nothing while none is looked for. */
export function useFound(piece: string, typed: string, revision: number | undefined): Set<string> | undefined {
  const text = useSettled(typed.trim())
  const found = useQuery({
    queryKey: ['found', piece, revision, text],
    queryFn: () =>
      data(client.GET('/api/pieces/{piece}/album/found', { params: { path: { piece }, query: { text } } })),
    enabled: text !== '',
    placeholderData: (before) => before,
  })
  return typed.trim() && found.data ? new Set(found.data) : undefined
}
