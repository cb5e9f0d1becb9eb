import { useQuery } from '@tanstack/react-query'
import { client, data, type Edit } from '../api/client'
import { useRoom } from './context'

/** How the page would look after each of these edits: the name of its picture, nothing where one cannot be made or is not known yet. */
export function useTrials(edits: Edit[]): (string | undefined)[] {
  const { stored, storedPage, handle } = useRoom()
  const path = { piece: stored.id, page: storedPage.id }
  const trials = useQuery({
    queryKey: ['trials', path.piece, path.page, handle.open?.revision, edits],
    queryFn: () => data(client.POST('/api/pieces/{piece}/pages/{page}/trials', { params: { path }, body: { edits } })),
    enabled: edits.length > 0,
    placeholderData: (before) => (before?.length === edits.length ? before : undefined),
  })
  return edits.map((_, index) => trials.data?.[index]?.look ?? undefined)
}
