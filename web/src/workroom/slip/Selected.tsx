import type { ReactNode } from 'react'
import { useRoom } from '../context'

/** What the slip speaks of, and the way back to the page. */
export function Selected({ name, children }: { name: string; children?: ReactNode }) {
  const { piece, page, select } = useRoom()
  const number = piece.pages.findIndex(({ id }) => id === page.id) + 1
  return (
    <div className="flex min-h-10 items-center justify-between gap-3">
      <h2 className="min-w-0 truncate text-base font-semibold">
        {name} {children}
      </h2>
      <button className="min-h-10 shrink-0 text-woad hover:underline" onClick={() => select({ kind: 'none' })}>
        {piece.pages.length > 1 ? `page ${number}` : 'the page'} ›
      </button>
    </div>
  )
}
