import { useQueryClient } from '@tanstack/react-query'
import { wordsOf } from '../api/client'
import { useNotice } from '../ui/Notices'

/** Changes of a library: says what was done, or what kept it from being done, and lets it be read anew. */
export function useTold(library: string) {
  const queries = useQueryClient()
  const notice = useNotice()
  return async (work: () => Promise<string | undefined>) => {
    try {
      const done = await work()
      await queries.invalidateQueries({ queryKey: [library] })
      if (done) notice(done)
    } catch (problem) {
      notice(wordsOf(problem), { tone: 'wrong' })
    }
  }
}
