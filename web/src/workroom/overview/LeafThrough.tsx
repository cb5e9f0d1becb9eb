import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useEffect, useState } from 'react'
import { type Format, type PageSummary, pagePicture } from '../../api/client'
import { IconButton } from '../../ui/Button'
import { WholeScreen } from '../../ui/WholeScreen'
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
  const spreads = spreadsOf(pages.length)
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      spreads.findIndex((spread) => spread.some((number) => pages[number]?.id === from)),
    ),
  )
  const [screen, setScreen] = useState({ width: innerWidth, height: innerHeight })
  useEffect(() => {
    const sized = () => setScreen({ width: innerWidth, height: innerHeight })
    window.addEventListener('resize', sized)
    return () => window.removeEventListener('resize', sized)
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
  const key = (pressed: string) => {
    if (['ArrowRight', 'ArrowDown', 'PageDown', ' '].includes(pressed)) turn(1)
    else if (['ArrowLeft', 'ArrowUp', 'PageUp'].includes(pressed)) turn(-1)
    else if (pressed === 'Home') setAt(0)
    else if (pressed === 'End') setAt(spreads.length - 1)
    else return false
    return true
  }
  return (
    <WholeScreen name="Leafing through" onClose={onClose} onKey={key} full>
      <div className="flex w-full flex-1 items-center justify-between px-2">
        <IconButton name="The spread before" disabled={at === 0} onClick={() => turn(-1)}>
          <ChevronLeft size={26} />
        </IconButton>
        <div
          className="relative flex shadow-[0_2px_12px_rgb(34_41_58/0.35)]"
          // The first page lies on the right, a last one by itself on the left.
          style={{
            marginLeft: at === 0 ? size.width : 0,
            marginRight: at > 0 && spread.length === 1 ? size.width : 0,
          }}
        >
          {spread.map((number) => (
            <img
              key={number}
              alt={`Page ${number + 1}`}
              src={pictureOf(number)}
              style={size}
              className="block bg-paper"
            />
          ))}
          {/* Over the pages: beside them it would push their pictures off the screen's pixels. */}
          {spread.length > 1 && <span aria-hidden className="absolute inset-y-0 left-1/2 border-l border-line" />}
        </div>
        <IconButton name="The spread after" disabled={at === spreads.length - 1} onClick={() => turn(1)}>
          <ChevronRight size={26} />
        </IconButton>
      </div>
      <p role="status" className="pb-3 text-center">
        {spread.length > 1 ? 'Pages' : 'Page'} {said} of {pages.length}
      </p>
      <div hidden>
        {ahead.map((number) => (
          <img key={number} alt="" src={pictureOf(number)} />
        ))}
      </div>
    </WholeScreen>
  )
}
