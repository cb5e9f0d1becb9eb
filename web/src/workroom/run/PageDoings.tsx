import { BookOpen, Copy, LayoutGrid, PanelRightClose, PanelRightOpen, Plus, Trash2 } from 'lucide-react'
import { IconButton } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { useFacing } from '../view/facing'
import { useRunOpen } from './runOpen'

/** What can be done with the page on the bench, and whether the run lies beside it. */
export function PageDoings({ onOverview }: { onOverview: () => void }) {
  const { piece, page, handle, select } = useRoom()
  const [open, turn] = useRunOpen(piece.pages.length)
  const [facing, turnFacing] = useFacing()
  const notice = useNotice()
  const index = piece.pages.findIndex(({ id }) => id === page.id)
  const remove = async () => {
    const next = piece.pages[index + 1] ?? piece.pages[index - 1]
    if (next) select({ kind: 'page', pageId: next.id })
    const problem = await handle.edit({ kind: 'deletePages', pageIds: [page.id] })
    if (!problem)
      notice(`Page ${index + 1} is deleted; its photos wait in the tray.`, {
        action: { name: 'Undo', run: handle.undo },
      })
  }
  return (
    <div role="group" aria-label="Pages" className="flex items-center">
      <IconButton name="Add a page" onClick={() => void handle.edit({ kind: 'addPage', afterPageId: page.id })}>
        <Plus size={18} />
      </IconButton>
      <IconButton name="Copy this page" onClick={() => void handle.edit({ kind: 'copyPages', pageIds: [page.id] })}>
        <Copy size={16} />
      </IconButton>
      <IconButton name="Delete this page" disabled={piece.pages.length === 1} onClick={() => void remove()}>
        <Trash2 size={16} />
      </IconButton>
      {piece.pages.length > 2 && (
        <IconButton
          name="The page that faces this one"
          aria-pressed={facing}
          className={facing ? 'bg-woad text-on-woad hover:bg-woad' : ''}
          onClick={turnFacing}
        >
          <BookOpen size={16} />
        </IconButton>
      )}
      {piece.pages.length > 1 && (
        <IconButton name="All pages at once (O)" aria-keyshortcuts="O" onClick={onOverview}>
          <LayoutGrid size={16} />
        </IconButton>
      )}
      <IconButton name={open ? 'Close the run of pages' : 'Open the run of pages'} aria-expanded={open} onClick={turn}>
        {open ? <PanelRightClose size={17} /> : <PanelRightOpen size={17} />}
      </IconButton>
    </div>
  )
}
