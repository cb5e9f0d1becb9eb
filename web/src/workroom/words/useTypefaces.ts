import { useQuery } from '@tanstack/react-query'
import { client, data, type Typeface } from '../../api/client'

/** The typefaces that ship, the default first; none until they are known. */
export const useTypefaces = (): Typeface[] =>
  useQuery({
    queryKey: ['typefaces'],
    queryFn: () => data(client.GET('/api/measure/typefaces')),
    staleTime: Infinity,
  }).data ?? []
