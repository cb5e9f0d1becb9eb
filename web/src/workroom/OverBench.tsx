import { X } from 'lucide-react'
import { type ReactNode, useEffect, useRef } from 'react'
import { createPortal } from 'react-dom'
import { IconButton } from '../ui/Button'

const PLACE = 'over-bench'

/** Where choices are laid that want to be seen large. */
export const OverBenchPlace = () => <div id={PLACE} className="contents" />

interface Props {
  title: string
  onClose: () => void
  children: ReactNode
}

/** Choices laid over the bench until one is picked or they are put away. The slip stays at hand. */
export function OverBench({ title, onClose, children }: Props) {
  const sheet = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const before = document.activeElement
    const first = sheet.current?.querySelector<HTMLElement>('li button') ?? sheet.current
    first?.focus()
    return () => {
      // What was pressed may be gone; the page is what comes next.
      const back = before instanceof HTMLElement && before.isConnected ? before : null
      ;(back ?? document.querySelector<HTMLElement>('[data-place="bench"]'))?.focus()
    }
  }, [])
  const place = document.getElementById(PLACE)
  return (
    place &&
    createPortal(
      <div
        ref={sheet}
        role="dialog"
        aria-label={title}
        tabIndex={-1}
        className="absolute inset-0 z-40 flex flex-col bg-mat focus-visible:outline-none"
        onKeyDown={(event) => {
          if (event.key !== 'Escape') return
          event.stopPropagation()
          onClose()
        }}
      >
        <div className="flex items-center justify-between px-4 py-2">
          <h2 className="text-base font-semibold">{title}</h2>
          <IconButton name="Back to the page (Escape)" onClick={onClose}>
            <X size={18} />
          </IconButton>
        </div>
        <div className="min-h-0 flex-1 overflow-y-auto px-4 pb-4">{children}</div>
      </div>,
      place,
    )
  )
}
