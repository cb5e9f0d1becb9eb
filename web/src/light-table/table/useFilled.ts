import { useQuery } from '@tanstack/react-query'
import { client, data } from '../../api/client'
import { useRoom } from '../../workroom/context'
import { useSettled } from '../../workroom/view/useSettled'

/**
 * What each photo’s words come to by a pattern, once it stands still.
 *
 * @param table text of a table; none for the one that the piece keeps
 */
export function useFilled(pattern: string, table?: string) {
  const { piece, handle } = useRoom()
  const settled = useSettled(pattern)
  const filled = useQuery({
    queryKey: ['captions', piece.id, handle.open?.revision, settled, table],
    queryFn: () =>
      data(
        client.POST('/api/pieces/{id}/captions', {
          params: { path: { id: piece.id } },
          body: { pattern: settled, table },
        }),
      ),
    placeholderData: (before) => before,
    retry: false,
  })
  // What was typed just now is not filled in yet.
  return { filled, behind: settled !== pattern || filled.isPlaceholderData }
}
