import type { ReactNode } from 'react'

/** A titled part of a drawer or ticket, set off by a hairline. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t border-line py-3 first:border-t-0 first:pt-1">
      <h3 className="mb-2 font-semibold">{title}</h3>
      <div className="space-y-2">{children}</div>
    </section>
  )
}
