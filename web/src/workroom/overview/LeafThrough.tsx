import { ChevronLeft, ChevronRight, X } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { createPortal } from 'react-dom'
import { type Format, type PageSummary, pagePicture } from '../../api/client'
import { IconButton } from '../../ui/Button'
import { spreadsOf } from '../run/spreads'

interface Props {
  pieceId: string
  pages: PageSummary[]
  format: Format
  /** The page to begin with. */
  from: string
  onClose: () => void
}

/** The whole book on the whole screen, a spread at a time. */
export function LeafThrough({ pieceId, pages, format, from, onClose }: Props) {
  const room = useRef<HTMLDivElement>(null)
  const spreads = spreadsOf(pages.length)
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      spreads.findIndex((spread) => spread.some((number) => pages[number]?.id === from)),
    ),
  )
  const [screen, setScreen] = useState({ width: innerWidth, height: innerHeight })
  useEffect(() => {
    const element = room.current
    const sized = () => setScreen({ width: innerWidth, height: innerHeight })
    window.addEventListener('resize', sized)
    element?.focus()
    // Where a browser has no full screen, the window has to do.
    void element?.requestFullscreen?.().catch(() => undefined)
    return () => {
      window.removeEventListener('resize', sized)
      if (document.fullscreenElement) void document.exitFullscreen().catch(() => undefined)
    }
  }, [])
  const turn = (by: number) => setAt((now) => Math.min(spreads.length - 1, Math.max(0, now + by)))
  const scale = Math.min((screen.width - 112) / (2 * format.width), (screen.height - 72) / format.height)
  const size = { width: Math.floor(format.width * scale), height: Math.floor(format.height * scale) }
  const pictureOf = (number: number) => {
    const page = pages[number]
    return page && pagePicture(pieceId, page.id, page.look, size.width * (window.devicePixelRatio || 1))
  }
  const spread = spreads[at] ?? []
  const said = spread.map((number) => number + 1).join(' and ')
  const ahead = [spreads[at + 1], spreads[at - 1]].flatMap((one) => one ?? [])
  return createPortal(
    <div
      ref={room}
      role="dialog"
      aria-modal
      aria-label="Leafing through"
      tabIndex={-1}
      className="fixed inset-0 z-50 flex flex-col items-center justify-center bg-mat focus-visible:outline-none"
      onKeyDown={(event) => {
        event.stopPropagation()
        if (event.key === 'Escape') onClose()
        else if (['ArrowRight', 'ArrowDown', 'PageDown', ' '].includes(event.key)) turn(1)
        else if (['ArrowLeft', 'ArrowUp', 'PageUp'].includes(event.key)) turn(-1)
        else if (event.key === 'Home') setAt(0)
        else if (event.key === 'End') setAt(spreads.length - 1)
        else return
        event.preventDefault()
      }}
    >
      <div className="flex w-full flex-1 items-center justify-between px-2">
        <IconButton name="The spread before" disabled={at === 0} onClick={() => turn(-1)}>
          <ChevronLeft size={26} />
        </IconButton>
        <div
          className="flex shadow-[0_2px_12px_rgb(34_41_58/0.35)]"
          // The first page lies on the right, a last one by itself on the left.
          style={{
            marginLeft: at === 0 ? size.width : 0,
            marginRight: at > 0 && spread.length === 1 ? size.width : 0,
          }}
        >
          {spread.map((number, side) => (
            <img
              key={number}
              alt={`Page ${number + 1}`}
              src={pictureOf(number)}
              style={size}
              className={`block bg-paper ${side === 1 ? 'border-l border-line' : ''}`}
            />
          ))}
        </div>
        <IconButton name="The spread after" disabled={at === spreads.length - 1} onClick={() => turn(1)}>
          <ChevronRight size={26} />
        </IconButton>
      </div>
      <p role="status" className="pb-3">
        {spread.length > 1 ? 'Pages' : 'Page'} {said} of {pages.length}
      </p>
      <IconButton name="Close (Escape)" className="absolute! top-2 right-2" onClick={onClose}>
        <X size={20} />
      </IconButton>
      <div hidden>
        {ahead.map((number) => (
          <img key={number} alt="" src={pictureOf(number)} />
        ))}
      </div>
    </div>,
    document.body,
  )
}
