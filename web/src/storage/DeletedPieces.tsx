import { useState } from 'react'
import { client, data, type StorageView } from '../api/client'
import { Button } from '../ui/Button'

interface Props {
  pieces: StorageView['deleted']
  attempt: (work: () => Promise<unknown>, done?: string) => Promise<void>
}

const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
const said = (instant: string) => day.format(new Date(instant))

/** Pieces that are off the shelf, each to be brought back or to go at once. */
export function DeletedPieces({ pieces, attempt }: Props) {
  if (pieces.length === 0) return <p className="text-soft">None. A piece that you take off the shelf waits here.</p>
  const restore = (id: string, name: string) =>
    attempt(
      () => data(client.POST('/api/pieces/{id}/restore', { params: { path: { id } } })),
      `“${name}” is back on the shelf.`,
    )
  const remove = (id: string, name: string) =>
    attempt(
      () => data(client.DELETE('/api/storage/pieces/{id}', { params: { path: { id } } })),
      `“${name}” is deleted for good.`,
    )
  return (
    <ul>
      {pieces.map((piece) => (
        <DeletedPiece
          key={piece.id}
          piece={piece}
          onRestore={() => void restore(piece.id, piece.name)}
          onRemove={() => void remove(piece.id, piece.name)}
        />
      ))}
    </ul>
  )
}

function DeletedPiece({
  piece: { name, deletedAt, goesAt },
  onRestore,
  onRemove,
}: {
  piece: Props['pieces'][number]
  onRestore: () => void
  onRemove: () => void
}) {
  const [asking, setAsking] = useState(false)
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line py-2">
      <span className="min-w-48 flex-1">
        {name || 'A piece that cannot be read'}
        <span className="block text-[13px] text-soft">
          {asking
            ? 'It cannot be brought back then, nor its history.'
            : `Deleted on ${said(deletedAt)}; goes for good on ${said(goesAt)}`}
        </span>
      </span>
      {asking ? (
        <>
          <Button onClick={() => setAsking(false)}>Keep it</Button>
          <Button className="border-madder text-madder" onClick={onRemove}>
            Yes, delete it
          </Button>
        </>
      ) : (
        <>
          <Button onClick={onRestore}>Bring back</Button>
          <Button look="quiet" onClick={() => setAsking(true)}>
            Delete for good
          </Button>
        </>
      )}
    </li>
  )
}
