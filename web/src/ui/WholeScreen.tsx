import { X } from 'lucide-react'
import { type KeyboardEvent, type ReactNode, useEffect, useRef } from 'react'
import { createPortal } from 'react-dom'
import { IconButton } from './Button'

interface Props {
  name: string
  onClose: () => void
  /** What a key does there; whether it meant something. */
  onKey: (key: string) => boolean
  /** Whether the browser's own frame gives way, too, where it can. */
  full?: boolean
  children: ReactNode
}

/** Something that is looked at on the whole window, until Escape; the focus then goes back to where it was. */
export function WholeScreen({ name, onClose, onKey, full = false, children }: Props) {
  const sheet = useRef<HTMLDivElement>(null)
  useEffect(() => {
    const before = document.activeElement
    const element = sheet.current
    element?.focus()
    // Where a browser has no full screen, the window has to do.
    if (full) void element?.requestFullscreen?.().catch(() => undefined)
    return () => {
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined)
      if (before instanceof HTMLElement && before.isConnected) before.focus()
    }
  }, [full])
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation()
    if (event.key === 'Escape') onClose()
    else if (!onKey(event.key)) return
    event.preventDefault()
  }
  return createPortal(
    <div
      ref={sheet}
      role="dialog"
      aria-modal
      aria-label={name}
      tabIndex={-1}
      className="fixed inset-0 z-50 flex flex-col bg-mat focus-visible:outline-none"
      onKeyDown={keys}
    >
      {children}
      <IconButton name="Close (Escape)" className="absolute! top-2 right-2" onClick={onClose}>
        <X size={20} />
      </IconButton>
    </div>,
    document.body,
  )
}
