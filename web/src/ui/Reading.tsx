import type { UseQueryResult } from '@tanstack/react-query'
import { wordsOf } from '../api/client'

/** Says that something is being read, or why it was not, with another try. */
export function Reading({ of, doing }: { of: UseQueryResult; doing: string }) {
  if (of.isPending)
    return (
      <p role="status" className="text-soft">
        {doing} …
      </p>
    )
  if (!of.error) return null
  return (
    <p role="alert" className="border-l-4 border-madder pl-3">
      {wordsOf(of.error)}{' '}
      <button className="text-woad underline" onClick={() => void of.refetch()}>
        Try again
      </button>
    </p>
  )
}
