import { Keyboard, Redo2, Undo2 } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { saySize } from '../measure/units'
import { IconButton } from '../ui/Button'
import { Mark } from '../ui/Mark'
import { useRoom } from './context'

/** The piece's name and size, undo and redo by name, and whether all is saved. */
export function Header({ onKeys }: { onKeys: () => void }) {
  const { handle, piece } = useRoom()
  const { open, saving, undo, redo } = handle
  const size = `${saySize(piece.format.width, piece.format.height, piece.format)}, ${piece.pages.length === 1 ? '1 page' : `${piece.pages.length} pages`}`
  return (
    <header className="col-span-4 flex items-center gap-3 border-b border-line px-3">
      <Link to="/" className="flex h-8 items-center gap-2 pr-3 font-semibold hover:text-woad">
        <Mark />
        Shelf
      </Link>
      <span className="h-5 border-l border-line" />
      <PieceName key={piece.name} />
      <span className="whitespace-nowrap text-soft">{size}</span>
      <div className="ml-auto flex items-center gap-1">
        <span role="status" className="mr-2 text-soft">
          {saving ? 'Saving …' : 'Saved'}
        </span>
        <IconButton
          name={open?.undo ? `Undo: ${open.undo}` : 'Nothing to undo'}
          disabled={!open?.undo}
          onClick={undo}
          aria-keyshortcuts="Control+Z"
        >
          <Undo2 size={18} />
        </IconButton>
        <IconButton
          name={open?.redo ? `Redo: ${open.redo}` : 'Nothing to redo'}
          disabled={!open?.redo}
          onClick={redo}
          aria-keyshortcuts="Control+Shift+Z"
        >
          <Redo2 size={18} />
        </IconButton>
        <IconButton name="Keys" aria-keyshortcuts="?" onClick={onKeys}>
          <Keyboard size={18} />
        </IconButton>
      </div>
    </header>
  )
}

function PieceName() {
  const { handle, piece } = useRoom()
  const [name, setName] = useState(piece.name)
  const take = () => {
    if (name.trim() === piece.name) return
    void handle.edit({ kind: 'renamePiece', name }).then((problem) => problem && setName(piece.name))
  }
  return (
    <input
      aria-label="Name of the piece"
      className="field-sizing-content h-8 max-w-xs min-w-24 truncate border border-transparent bg-transparent px-1 text-base font-semibold hover:border-line"
      value={name}
      onChange={(event) => setName(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur()
        if (event.key === 'Escape') setName(piece.name)
      }}
    />
  )
}
