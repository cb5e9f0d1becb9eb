import { useEffect, useMemo, useRef } from 'react'
import { useStretch } from '../../ui/useStretch'
import { useRoom } from '../context'
import { RunPage } from './RunPage'
import { runPicture } from './runPicture'
import { useRunOpen } from './runOpen'
import { pageSizeIn } from './runSizes'
import { outwards, spreadsOf } from './spreads'
import { usePicturesAhead } from './usePicturesAhead'

const GAP_PX = 14
const NUMBER_PX = 20

/** The pages in reading order as the spreads that a reader will see, stacked as in a book that lies on its side. */
export function Run() {
  const { piece } = useRoom()
  const [open] = useRunOpen(piece.pages.length)
  if (!open) return null
  return (
    <section
      aria-label="Run of pages"
      data-place="run"
      tabIndex={-1}
      className="flex w-26 shrink-0 flex-col focus-visible:outline-none"
    >
      <Spreads />
    </section>
  )
}

/** Only the spreads in sight are there; each has a place of its own, so that two hundred pages scroll as lightly as two. */
function Spreads() {
  const { piece, page } = useRoom()
  const scroller = useRef<HTMLDivElement>(null)
  const { from, to } = useStretch(scroller, 'down')
  const { format } = piece
  const size = useMemo(() => pageSizeIn(format), [format])
  const step = size.height + NUMBER_PX + GAP_PX
  const spreads = spreadsOf(piece.pages.length)
  const now = piece.pages.findIndex(({ id }) => id === page.id)
  usePicturesAhead(
    useMemo(() => outwards(piece.pages, now).map((one) => runPicture(piece.id, one, size)), [piece, now, size]),
  )
  const at = spreads.findIndex((spread) => spread.includes(now))
  useEffect(() => {
    const element = scroller.current
    if (!element) return
    const top = at * step
    if (top < element.scrollTop || top + step > element.scrollTop + element.clientHeight)
      element.scrollTop = top - element.clientHeight / 2 + step / 2
  }, [at, step])
  return (
    <div ref={scroller} className="min-h-0 flex-1 overflow-x-hidden overflow-y-auto px-1" tabIndex={-1}>
      <ol className="relative" style={{ height: spreads.length * step }}>
        {spreads.map((spread, index) => {
          const top = index * step + 4
          if (top + step < from || top > to) return null
          return (
            <li key={spread[0]} className="absolute inset-x-0 flex justify-center" style={{ top }}>
              {spread.map((number) => {
                const one = piece.pages[number]
                return (
                  one && (
                    <RunPage
                      key={one.id}
                      pieceId={piece.id}
                      page={one}
                      index={number}
                      size={size}
                      selected={one.id === page.id}
                    />
                  )
                )
              })}
            </li>
          )
        })}
      </ol>
    </div>
  )
}
