import { useCallback, useEffect, useMemo, useReducer, useState } from 'react'
import { Link, useParams } from 'react-router'
import { useNotice } from '../ui/Notices'
import { Bench } from './bench/Bench'
import { RoomContext, type Room } from './context'
import { Drawer } from './drawer/Drawer'
import { Header } from './Header'
import { KeyList } from './KeyList'
import { slotted } from './piece/model'
import { Rail, type Step } from './Rail'
import { ReflowQuestion } from './ReflowQuestion'
import { Run } from './run/Run'
import { framesOf, NOTHING, selectionReducer } from './piece/selection'
import { Ticket } from './ticket/Ticket'
import { usePhotos } from './piece/usePhotos'
import { usePiece } from './piece/usePiece'
import { useRoomKeys } from './useRoomKeys'

/** One piece on the bench: rail and drawer on the left, ticket on the right, the run of pages below. */
export function Workroom() {
  const { pieceId = '' } = useParams()
  const [selection, select] = useReducer(selectionReducer, NOTHING)
  const handle = usePiece(pieceId, selection.pageId)
  const notice = useNotice()
  const [step, setStep] = useState<Step>('arrange')
  const [keysShown, setKeysShown] = useState(false)
  const [held, setHeld] = useState<Room | null>(null)
  const { open, undo, redo, edit } = handle
  const photos = usePhotos(pieceId, open?.stored.entries)

  useEffect(() => {
    document.title = open ? `${open.piece.name} · Wovenset` : 'Wovenset'
  }, [open])

  const summary = open && (open.piece.pages.find(({ id }) => id === selection.pageId) ?? open.piece.pages[0])
  const page = summary && open.shownPage(summary.id)
  const frames = useMemo(() => (page ? framesOf(page, selection) : []), [page, selection])
  const frame = frames.length === 1 ? frames[0] : undefined
  const showKeys = useCallback(() => setKeysShown(true), [])
  useRoomKeys({ piece: open?.piece, pageId: summary?.id, undo, redo, setStep, select, showKeys })

  const place = useCallback(
    (entryId: string) => {
      const target = frame ?? (page && [...slotted(page), ...page.frames].find((one) => !one.entry))
      if (!page || !target) {
        notice('Every frame on this page has a photo. Select the frame whose photo should be replaced.')
        return
      }
      void edit({ kind: 'placeEntry', pageId: page.id, frameId: target.id, entryId })
    },
    [edit, frame, notice, page],
  )

  const loaded = useMemo<Room | null>(() => {
    const storedPage = page && open?.page(page.id)
    if (!open || !page || !storedPage) return null
    const scene = open.scene(page.id)
    const frameScene = scene?.frames.find(({ frameId }) => frameId === frame?.id)
    return {
      handle,
      piece: open.piece,
      stored: open.stored,
      page,
      storedPage,
      scene,
      frame,
      frames,
      frameScene,
      photos,
      selection,
      select,
      place,
    }
  }, [open, page, photos, frame, frames, handle, selection, place])
  // While a page that was not seen yet is being read, the last one stays.
  if (loaded && loaded !== held) setHeld(loaded)
  const room = loaded ?? (held?.piece.id === pieceId ? held : null)

  if (handle.loadProblem) {
    return (
      <main className="mx-auto max-w-md p-16">
        <h1 className="mb-2 text-xl font-semibold">This piece cannot be opened</h1>
        <p className="mb-4">{handle.loadProblem.message}</p>
        <Link className="text-woad underline" to="/">
          Back to the shelf
        </Link>
      </main>
    )
  }
  if (!room) {
    return (
      <p className="p-16 text-soft" role="status">
        Laying out the piece …
      </p>
    )
  }
  return (
    <RoomContext value={room}>
      <div className="grid h-full grid-cols-[4.75rem_16.5rem_minmax(0,1fr)_16.5rem] grid-rows-[3rem_minmax(0,1fr)_8.25rem] overflow-hidden max-[1100px]:grid-cols-[4.75rem_14rem_minmax(0,1fr)_14rem]">
        <Header onKeys={showKeys} />
        <Rail step={step} onStep={setStep} />
        <Drawer step={step} />
        <Bench />
        <Ticket />
        <Run />
      </div>
      <KeyList open={keysShown} onClose={() => setKeysShown(false)} />
      <ReflowQuestion question={handle.question} />
    </RoomContext>
  )
}
