import { useQuery } from '@tanstack/react-query'
import { client, data } from '../../api/client'

/** The names of the typefaces that ship, the default first; none until they are known. */
export const useTypefaces = (): string[] =>
  useQuery({
    queryKey: ['typefaces'],
    queryFn: () => data(client.GET('/api/measure/typefaces')),
    staleTime: Infinity,
  }).data ?? []
