import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useReducer, useState } from 'react'
import { Link, useParams } from 'react-router'
import { client, data } from '../api/client'
import { useNotice } from '../ui/Notices'
import { Bench } from './bench/Bench'
import { RoomContext, type Room } from './context'
import { Drawer } from './drawer/Drawer'
import { Header } from './Header'
import { KeyList } from './KeyList'
import { Rail, type Step } from './Rail'
import { Run } from './run/Run'
import { framesOf, NOTHING, pageOf, selectionReducer } from './selection'
import { Ticket } from './ticket/Ticket'
import { usePiece } from './usePiece'
import { useRoomKeys } from './useRoomKeys'

/** One piece on the bench: rail and drawer on the left, ticket on the right, the run of pages below. */
export function Workroom() {
  const { pieceId = '' } = useParams()
  const handle = usePiece(pieceId)
  const notice = useNotice()
  const [selection, select] = useReducer(selectionReducer, NOTHING)
  const [step, setStep] = useState<Step>('arrange')
  const [keysShown, setKeysShown] = useState(false)
  const { open, undo, redo, edit } = handle

  const photoKey = open?.piece.photos.length ?? 0
  const photos = useQuery({
    queryKey: ['photos', pieceId, photoKey, open?.piece.photos[0], open?.piece.photos.at(-1)],
    queryFn: () => data(client.GET('/api/pieces/{piece}/photos', { params: { path: { piece: pieceId } } })),
    enabled: open !== undefined,
    placeholderData: (before) => before,
  })

  useEffect(() => {
    document.title = open ? `${open.piece.name} · Wovenset` : 'Wovenset'
  }, [open])

  const page = open && pageOf(open.piece, selection)
  const frames = useMemo(() => (page ? framesOf(page, selection) : []), [page, selection])
  const frame = frames.length === 1 ? frames[0] : undefined
  const showKeys = useCallback(() => setKeysShown(true), [])
  useRoomKeys({ piece: open?.piece, pageId: page?.id, undo, redo, setStep, select, showKeys })

  const place = useCallback(
    (photo: string) => {
      const target = frame ?? page?.frames.find((one) => !one.photo)
      if (!page || !target) {
        notice('Every frame on this page has a photo. Select the frame whose photo should be replaced.')
        return
      }
      void edit({ kind: 'placePhoto', pageId: page.id, frameId: target.id, photo })
    },
    [edit, frame, notice, page],
  )

  const room = useMemo<Room | null>(() => {
    if (!open || !page) return null
    const scene = open.scenes[page.id]
    const order = new Map(open.piece.photos.map((id, index) => [id, index]))
    const known = (photos.data ?? []).filter(({ id }) => order.has(id))
    known.sort((a, b) => (order.get(a.id) ?? 0) - (order.get(b.id) ?? 0))
    const frameScene = scene?.frames.find(({ frameId }) => frameId === frame?.id)
    return {
      handle,
      piece: open.piece,
      stored: open.stored,
      page,
      scene,
      frame,
      frames,
      frameScene,
      photos: known,
      selection,
      select,
      place,
    }
  }, [open, page, photos.data, frame, frames, handle, selection, place])

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
    </RoomContext>
  )
}
