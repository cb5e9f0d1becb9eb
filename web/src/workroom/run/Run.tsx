import { ChevronLeft, ChevronRight, Copy, Plus, Trash2 } from 'lucide-react'
import { IconButton } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { RunPage } from './RunPage'
import { spreadsOf } from './spreads'

/** The pages in reading order, as the spreads that a reader will see. */
export function Run() {
  const { piece, page, handle, select } = useRoom()
  const notice = useNotice()
  const index = piece.pages.findIndex(({ id }) => id === page.id)
  const move = (by: number) => void handle.edit({ kind: 'movePage', pageId: page.id, index: index + by })
  const remove = async () => {
    const next = piece.pages[index + 1] ?? piece.pages[index - 1]
    if (next) select({ kind: 'page', pageId: next.id })
    const problem = await handle.edit({ kind: 'deletePage', pageId: page.id })
    if (!problem)
      notice(`Page ${index + 1} is deleted; its photos are in the drawer.`, {
        action: { name: 'Undo', run: handle.undo },
      })
  }
  return (
    <section aria-label="Run of pages" className="col-span-3 flex border-t border-line">
      <div className="grid shrink-0 grid-cols-3 content-center gap-1 border-r border-line px-3">
        <IconButton name="Add a page" onClick={() => void handle.edit({ kind: 'addPage', afterPageId: page.id })}>
          <Plus size={18} />
        </IconButton>
        <IconButton name="Copy this page" onClick={() => void handle.edit({ kind: 'copyPage', pageId: page.id })}>
          <Copy size={17} />
        </IconButton>
        <IconButton name="Delete this page" disabled={piece.pages.length === 1} onClick={() => void remove()}>
          <Trash2 size={17} />
        </IconButton>
        <IconButton name="Move this page earlier" disabled={index === 0} onClick={() => move(-1)}>
          <ChevronLeft size={18} />
        </IconButton>
        <span className="flex items-center justify-center text-[13px] whitespace-nowrap text-soft" aria-live="polite">
          {index + 1} / {piece.pages.length}
        </span>
        <IconButton name="Move this page later" disabled={index === piece.pages.length - 1} onClick={() => move(1)}>
          <ChevronRight size={18} />
        </IconButton>
      </div>
      <ol className="flex min-w-0 flex-1 items-center gap-5 overflow-x-auto px-4">
        {spreadsOf(piece.pages.length).map((spread) => (
          <li key={spread.join()} className="flex shrink-0">
            {spread.map((at) => {
              const one = piece.pages[at]
              return one && <RunPage key={one.id} page={one} index={at} />
            })}
          </li>
        ))}
      </ol>
    </section>
  )
}
