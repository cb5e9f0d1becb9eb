import { useQuery } from '@tanstack/react-query'
import { ArrowLeft, Clock3, Redo2, Undo2 } from 'lucide-react'
import { useEffect, useRef } from 'react'
import { Link, useParams } from 'react-router'
import { client, data } from '../api/client'
import { Button, IconButton } from '../ui/Button'
import { useNotice } from '../ui/Notices'
import type { TrayPhoto } from '../workroom/context'
import { usesOf } from '../workroom/piece/model'
import { usePhotos } from '../workroom/piece/usePhotos'
import { usePiece } from '../workroom/piece/usePiece'
import { byTime, groupsOf } from './dateGroups'
import { ArrivingList, Choosers, FileDrop } from './Intake'
import { TablePhoto } from './TablePhoto'
import { useIntake } from './useIntake'

/** All photos of a piece in order, with the days between them, their sizes, and how often each is used. */
export function LightTable() {
  const { pieceId = '' } = useParams()
  const handle = usePiece(pieceId)
  const notice = useNotice()
  const { open, edit } = handle
  const all = usePhotos(pieceId, open?.piece.entries)
  const revision = open?.revision
  const check = useQuery({
    queryKey: ['check', pieceId, revision],
    queryFn: () => data(client.GET('/api/pieces/{id}/check', { params: { path: { id: pieceId } } })),
    enabled: open !== undefined,
    placeholderData: (before) => before,
  })
  const { arriving, bring, clear } = useIntake(pieceId, handle)
  const moved = useRef<string | null>(null)
  useEffect(() => {
    // A browser takes the focus from what is moved in the page; the next key press must find it there.
    if (moved.current && document.activeElement === document.body) {
      document.querySelector<HTMLElement>(`[data-drop="table:${moved.current}"]`)?.focus()
    }
    moved.current = null
  }, [open?.piece.entries])

  if (handle.loadProblem) return <p className="p-16">{handle.loadProblem.message}</p>
  if (!open)
    return (
      <p role="status" className="p-16 text-soft">
        Switching the light on …
      </p>
    )

  const { piece } = open
  const uses = usesOf(piece)
  const sharpness = new Map(check.data?.sharpness.map((one) => [one.entryId, one]))
  const order = (next: TrayPhoto[]) => void edit({ kind: 'orderEntries', entryIds: next.map(({ entryId }) => entryId) })
  const place = (entryId: string, where: (now: number) => number) => {
    moved.current = entryId
    void edit(({ stored }) => {
      const ids = stored.entries.map(({ id }) => id)
      const rest = ids.filter((id) => id !== entryId)
      const to = where(ids.indexOf(entryId))
      return to < 0 || to > rest.length
        ? null
        : { kind: 'orderEntries', entryIds: [...rest.slice(0, to), entryId, ...rest.slice(to)] }
    })
  }
  const takeOut = async (photo: TrayPhoto) => {
    const pages = [...new Set(uses.get(photo.entryId) ?? [])]
    const problem = await edit({ kind: 'removeEntries', entryIds: [photo.entryId] })
    const where =
      pages.length === 0 ? 'It was not used.' : `It was on page ${pages.join(', ')}; its frames are empty now.`
    if (!problem) notice(`${photo.fileName} is taken out. ${where}`, { action: { name: 'Undo', run: handle.undo } })
  }
  return (
    <FileDrop onFiles={bring} className="flex h-full flex-col">
      <header className="flex min-h-14 flex-wrap items-center gap-3 border-b border-line px-6 py-2">
        <Link to={`/pieces/${pieceId}`} className="inline-flex items-center gap-2 font-semibold hover:text-woad">
          <ArrowLeft size={18} /> {piece.name}
        </Link>
        <h1 className="text-base font-semibold">Light table</h1>
        <span className="text-soft">
          {all.length} {all.length === 1 ? 'photo' : 'photos'}, {all.filter(({ entryId }) => !uses.has(entryId)).length}{' '}
          not placed
        </span>
        <div className="ml-auto flex items-center gap-2">
          <Button disabled={all.length < 2} onClick={() => order(byTime(all))}>
            <Clock3 size={16} /> In order of time
          </Button>
          <Choosers onFiles={bring} />
          <IconButton
            name={open.undo ? `Undo: ${open.undo}` : 'Nothing to undo'}
            disabled={!open.undo}
            onClick={handle.undo}
          >
            <Undo2 size={18} />
          </IconButton>
          <IconButton
            name={open.redo ? `Redo: ${open.redo}` : 'Nothing to redo'}
            disabled={!open.redo}
            onClick={handle.redo}
          >
            <Redo2 size={18} />
          </IconButton>
        </div>
      </header>
      <main className="min-h-0 flex-1 overflow-y-auto px-6 py-5">
        <ArrivingList arriving={arriving} onClear={clear} />
        {piece.entries.length === 0 && (
          <p className="py-24 text-center text-soft">
            No photos yet. Drop files, folders or a ZIP anywhere here, or bring them in with the button above.
          </p>
        )}
        {groupsOf(all).map((group, index) => (
          <section key={index} className="mb-5">
            <h2 className="mb-2 flex items-center gap-3 text-[13px] font-semibold text-soft after:flex-1 after:border-t after:border-line">
              {group.title} <span className="font-normal">{group.photos.length}</span>
            </h2>
            <ul className="flex flex-wrap gap-x-3 gap-y-4">
              {group.photos.map((photo) => (
                <TablePhoto
                  key={photo.entryId}
                  photo={photo}
                  uses={uses.get(photo.entryId) ?? []}
                  sharpness={sharpness.get(photo.entryId)}
                  onDropped={(other) => place(other, () => piece.entries.findIndex(({ id }) => id === photo.entryId))}
                  onStep={(by) => place(photo.entryId, (now) => now + by)}
                  onTakeOut={() => void takeOut(photo)}
                />
              ))}
            </ul>
          </section>
        ))}
      </main>
    </FileDrop>
  )
}
