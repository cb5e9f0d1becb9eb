import { ChevronRight } from 'lucide-react'
import { type ReactNode, useRef, useState } from 'react'

/** Which folded parts the person has opened; kept while the window is open. */
const opened = new Set<string>()

interface Props {
  title: string
  /** What is rarely wanted is folded until it is asked for. */
  folded?: boolean
  /** Beside the title. */
  aside?: ReactNode
  children: ReactNode
}

/** A titled part of the slip, set off by a hairline. */
export function Part({ title, folded = false, aside, children }: Props) {
  const [open, setOpen] = useState(!folded || opened.has(title))
  const [turned, setTurned] = useState(false)
  // What is wanted by now opens by itself, but never closes: somebody may be in it.
  if (!folded && !open && !turned) setOpen(true)
  const section = useRef<HTMLElement>(null)
  const turn = () => {
    if (open) opened.delete(title)
    else opened.add(title)
    setOpen(!open)
    setTurned(true)
    // What was asked for comes into sight.
    if (!open) requestAnimationFrame(() => section.current?.scrollIntoView({ block: 'nearest' }))
  }
  return (
    <section ref={section} aria-label={title} className="relative border-t border-line first:border-t-0">
      <div className="flex min-h-10 items-center justify-between gap-2">
        <h3 className="font-semibold">
          {folded || turned ? (
            <button
              aria-expanded={open}
              className="inline-flex min-h-10 items-center gap-1 font-semibold hover:text-woad"
              onClick={turn}
            >
              <ChevronRight size={15} aria-hidden className={open ? 'rotate-90' : ''} />
              {title}
            </button>
          ) : (
            title
          )}
        </h3>
        {open && aside}
      </div>
      {open && <div className="space-y-2 pb-3">{children}</div>}
    </section>
  )
}
