import { CopyCheck, Keyboard, Redo2, Undo2 } from 'lucide-react'
import { IconButton } from '../../ui/Button'
import { useRefusedField } from '../../fields/refusals'
import { useTaking } from '../../fields/taking'
import { useRoom } from '../context'
import { PageDoings } from '../run/PageDoings'
import { ScaleMenu } from '../view/ScaleMenu'

interface Props {
  onKeys: () => void
  onOverview: () => void
}

/** Above the bench: whether all is saved, what can be undone, and how large the page is seen. */
export function BenchBar({ onKeys, onOverview }: Props) {
  const { handle, station, selection, select } = useRoom()
  const { open, saving, undo, redo } = handle
  const refused = useRefusedField()
  const taking = useTaking()
  return (
    <header className="flex h-10 shrink-0 items-center gap-1 pr-1">
      <span role="status" className={`mr-1 shrink-0 pl-1 ${refused ? 'text-madder' : 'text-soft'}`}>
        {saving || taking ? 'Saving …' : refused ? `Not saved: ${refused}` : 'Saved'}
      </span>
      <IconButton
        name={open?.undo ? `Undo: ${open.undo}` : 'Nothing to undo'}
        disabled={!open?.undo}
        onClick={undo}
        aria-keyshortcuts="Control+Z"
      >
        <Undo2 size={17} />
      </IconButton>
      <IconButton
        name={open?.redo ? `Redo: ${open.redo}` : 'Nothing to redo'}
        disabled={!open?.redo}
        onClick={redo}
        aria-keyshortcuts="Control+Shift+Z"
      >
        <Redo2 size={17} />
      </IconButton>
      {open?.undo && <span className="min-w-0 truncate text-soft max-[1100px]:hidden">undo “{open.undo}”</span>}
      <div className="ml-auto flex shrink-0 items-center gap-1">
        {station !== 'gather' && (
          <>
            <ScaleMenu />
            <PageDoings onOverview={onOverview} />
          </>
        )}
        <IconButton
          name="Take hold of several: each press adds one, or lets go of it"
          aria-pressed={selection.several}
          className={selection.several ? 'bg-woad text-on-woad hover:bg-woad' : ''}
          onClick={() => select({ kind: 'several', on: !selection.several })}
        >
          <CopyCheck size={17} />
        </IconButton>
        <IconButton name="Keys" aria-keyshortcuts="?" onClick={onKeys}>
          <Keyboard size={17} />
        </IconButton>
      </div>
    </header>
  )
}
