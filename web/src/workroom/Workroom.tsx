import { useCallback, useEffect, useLayoutEffect, useMemo, useReducer, useRef, useState } from 'react'
import { Link } from 'react-router'
import { FileDrop } from '../light-table/Intake'
import { LightTable } from '../light-table/LightTable'
import { useChosen } from '../light-table/useChosen'
import { useIntake } from '../light-table/useIntake'
import { useNotice } from '../ui/Notices'
import { useSeenInAddress, useStation } from './address/useAddress'
import { AfterBench } from './AfterBench'
import { OverBenchPlace } from './OverBench'
import { Bench } from './bench/Bench'
import { BenchBar } from './bench/BenchBar'
import type { View } from './view/view'
import { RoomContext, RoomNowContext, type Room } from './context'
import { KeyList } from './KeyList'
import { slotted } from './piece/model'
import { framesOf, NOTHING, selectionReducer } from './piece/selection'
import { usePhotos } from './piece/usePhotos'
import { usePiece } from './piece/usePiece'
import { Overview } from './overview/Overview'
import { ReflowQuestion } from './ReflowQuestion'
import { Run } from './run/Run'
import { Slip } from './slip/Slip'
import { Tray } from './tray/Tray'
import { useRoomKeys } from './useRoomKeys'

const SLIP = <Slip />
const RUN = <Run />
const TRAY = <Tray />

/** One piece on the bench: the slip on the left, the run of pages at the right, the tray of photos along the near edge. */
export function Workroom() {
  const { pieceId, station, goTo } = useStation()
  const [selection, select] = useReducer(selectionReducer, NOTHING)
  const [view, setView] = useState<View | null>(null)
  const handle = usePiece(pieceId, selection.pageId)
  const notice = useNotice()
  const [keysShown, setKeysShown] = useState(false)
  const [overview, setOverview] = useState(false)
  const [held, setHeld] = useState<Room | null>(null)
  const { open, undo, redo, edit } = handle
  const photos = usePhotos(pieceId, open?.stored.entries)
  const intake = useIntake(pieceId, handle)
  const chosen = useChosen(useMemo(() => photos.map(({ entryId }) => entryId), [photos]))
  useSeenInAddress({ piece: open?.piece, selection, select, view, setView })

  useEffect(() => {
    document.title = open ? `${open.piece.name} · Wovenset` : 'Wovenset'
  }, [open])

  const summary = open && (open.piece.pages.find(({ id }) => id === selection.pageId) ?? open.piece.pages[0])
  const page = summary && open.shownPage(summary.id)
  const frames = useMemo(() => (page ? framesOf(page, selection) : []), [page, selection])
  const frame = frames.length === 1 ? frames[0] : undefined
  const showKeys = useCallback(() => setKeysShown(true), [])
  const showOverview = useCallback(() => setOverview(true), [])
  const bar = useMemo(() => <BenchBar onKeys={showKeys} onOverview={showOverview} />, [showKeys, showOverview])
  useRoomKeys({ piece: open?.piece, pageId: summary?.id, undo, redo, goTo, selection, select, showKeys, showOverview })

  const place = useCallback(
    (entryId: string) => {
      const target =
        (frame?.text || frame?.ornament ? undefined : frame) ??
        (page && [...slotted(page), ...page.frames].find((one) => one.empty))
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
      station,
      goTo,
      piece: open.piece,
      stored: open.stored,
      page,
      storedPage,
      scene,
      frame,
      frames,
      frameScene,
      photos,
      intake,
      chosen,
      selection,
      select,
      view,
      setView,
      place,
    }
  }, [open, page, photos, intake, chosen, frame, frames, handle, station, goTo, selection, view, place])
  // While a page that was not seen yet is being read, the last one stays.
  if (loaded && loaded !== held) setHeld(loaded)
  const room = loaded ?? (held?.piece.id === pieceId ? held : null)

  const latest = useRef<Room | null>(null)
  useLayoutEffect(() => {
    latest.current = room
  })
  const roomNow = useCallback(() => {
    if (!latest.current) throw new Error('There is no room yet')
    return latest.current
  }, [])

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
    <RoomNowContext value={roomNow}>
      <RoomContext value={room}>
        <FileDrop onFiles={intake.bring} className="relative flex h-full overflow-hidden bg-mat p-1.5">
          <AfterBench>{SLIP}</AfterBench>
          <div className="flex min-w-0 flex-1 flex-col pl-1.5">
            <AfterBench>{bar}</AfterBench>
            {station === 'gather' ? (
              <div className="relative flex min-h-0 flex-1 flex-col">
                <LightTable />
                <OverBenchPlace />
              </div>
            ) : (
              <>
                <div className="relative flex min-h-0 flex-1">
                  <Bench />
                  <AfterBench>{RUN}</AfterBench>
                  <OverBenchPlace />
                </div>
                <AfterBench>{TRAY}</AfterBench>
              </>
            )}
          </div>
        </FileDrop>
        {overview && station !== 'gather' && <Overview onClose={() => setOverview(false)} />}
        <KeyList open={keysShown} onClose={() => setKeysShown(false)} />
        <ReflowQuestion question={handle.question} />
      </RoomContext>
    </RoomNowContext>
  )
}
