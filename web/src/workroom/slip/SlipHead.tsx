import { useState } from 'react'
import { Link } from 'react-router'
import { saySize } from '../../measure/units'
import { untaken } from '../../fields/typing'
import { useRoom } from '../context'

/** What the slip is for: the piece by its name and finished size, and the page that lies on the bench. */
export function SlipHead() {
  const { piece, page } = useRoom()
  const number = piece.pages.findIndex(({ id }) => id === page.id) + 1
  const size = saySize(piece.format.width, piece.format.height, piece.format)
  return (
    <header className="px-4 pt-2 pb-2">
      <span
        aria-hidden
        className="mx-auto block size-3 rounded-full bg-mat shadow-[inset_0_1px_2px_rgb(34_41_58/0.35)]"
      />
      <Link to="/" className="inline-flex min-h-6 items-center text-soft hover:text-woad">
        ‹ Shelf
      </Link>
      <PieceName key={piece.name} />
      <p className="text-soft">
        {size}
        {piece.pages.length > 1 && (
          <>
            {' · '}
            <span aria-live="polite">
              page {number} of {piece.pages.length}
            </span>
          </>
        )}
      </p>
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
      {...untaken(name !== piece.name)}
      aria-label="Name of the piece"
      title={name}
      className="-mx-1 block h-7 w-full truncate border border-transparent bg-transparent px-1 text-base font-semibold hover:border-line"
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
