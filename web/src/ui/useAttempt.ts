import { useCallback } from 'react'
import { wordsOf } from '../api/client'
import { useNotice } from './Notices'

/** Does something that may be refused, says how it went, and looks anew at what it changed, either way. */
export function useAttempt(look: () => unknown) {
  const notice = useNotice()
  return useCallback(
    async (work: () => Promise<unknown>, done?: string) => {
      try {
        await work()
        if (done) notice(done)
      } catch (problem) {
        notice(wordsOf(problem), { tone: 'wrong' })
      }
      await look()
    },
    [look, notice],
  )
}
