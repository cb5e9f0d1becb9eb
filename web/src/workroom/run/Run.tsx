import { ChevronsLeft, ChevronsRight, Copy, Plus, Trash2 } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { IconButton } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { useStretch } from '../../ui/useStretch'
import { useRoom } from '../context'
import { RunPage } from './RunPage'
import { pageSizeIn } from './runSizes'
import { spreadsOf } from './spreads'

const CLOSED = 'wovenset.run'
const GAP_PX = 14
const NUMBER_PX = 20

/** The pages in reading order as the spreads that a reader will see, stacked as in a book that lies on its side. */
export function Run() {
  const { piece } = useRoom()
  const [chosen, choose] = useState(() => localStorage.getItem(CLOSED))
  const closed = chosen === 'closed' || (chosen !== 'open' && piece.pages.length === 1)
  const turn = () => {
    const next = closed ? 'open' : 'closed'
    localStorage.setItem(CLOSED, next)
    choose(next)
  }
  return (
    <section
      aria-label="Run of pages"
      data-place="run"
      tabIndex={-1}
      className={`flex shrink-0 flex-col ${closed ? 'w-9' : 'w-31'}`}
    >
      <PageDoings closed={closed} onTurn={turn} />
      {!closed && <Spreads />}
    </section>
  )
}

/** What can be done with the page on the bench, and with the run itself. */
function PageDoings({ closed, onTurn }: { closed: boolean; onTurn: () => void }) {
  const { piece, page, handle, select } = useRoom()
  const notice = useNotice()
  const index = piece.pages.findIndex(({ id }) => id === page.id)
  const remove = async () => {
    const next = piece.pages[index + 1] ?? piece.pages[index - 1]
    if (next) select({ kind: 'page', pageId: next.id })
    const problem = await handle.edit({ kind: 'deletePage', pageId: page.id })
    if (!problem)
      notice(`Page ${index + 1} is deleted; its photos wait in the tray.`, {
        action: { name: 'Undo', run: handle.undo },
      })
  }
  return (
    <div className={`flex shrink-0 items-center ${closed ? 'flex-col' : 'justify-center'}`}>
      <IconButton
        name={closed ? 'Open the run of pages' : 'Close the run of pages'}
        className="size-7!"
        onClick={onTurn}
      >
        {closed ? <ChevronsLeft size={16} /> : <ChevronsRight size={16} />}
      </IconButton>
      <IconButton
        name="Add a page"
        className="size-7!"
        onClick={() => void handle.edit({ kind: 'addPage', afterPageId: page.id })}
      >
        <Plus size={16} />
      </IconButton>
      <IconButton
        name="Copy this page"
        className="size-7!"
        onClick={() => void handle.edit({ kind: 'copyPage', pageId: page.id })}
      >
        <Copy size={15} />
      </IconButton>
      <IconButton
        name="Delete this page"
        className="size-7!"
        disabled={piece.pages.length === 1}
        onClick={() => void remove()}
      >
        <Trash2 size={15} />
      </IconButton>
    </div>
  )
}

/** Only the spreads in sight are there; each has a place of its own, so that two hundred pages scroll as lightly as two. */
function Spreads() {
  const { piece, page } = useRoom()
  const scroller = useRef<HTMLDivElement>(null)
  const { from, to } = useStretch(scroller, 'down')
  const size = pageSizeIn(piece.format)
  const step = size.height + NUMBER_PX + GAP_PX
  const spreads = spreadsOf(piece.pages.length)
  const now = piece.pages.findIndex(({ id }) => id === page.id)
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
                return one && <RunPage key={one.id} page={one} index={number} size={size} />
              })}
            </li>
          )
        })}
      </ol>
    </div>
  )
}
