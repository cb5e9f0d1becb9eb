import { createContext, type Dispatch, useContext } from 'react'
import type { FrameScene, PageScene, Photo } from '../api/client'
import type { useChosen } from '../light-table/useChosen'
import type { useIntake } from '../light-table/useIntake'
import type { Station } from './address/stations'
import type { View } from './view/view'
import type { Frame, Page, Piece } from './piece/model'
import type { Selection, SelectionAction } from './piece/selection'
import type { PieceHandle } from './piece/usePiece'

/** A photo as it takes part in the piece: what is known of its file, and its words here. */
export interface TrayPhoto extends Photo {
  entryId: string
  /** Whether it was set aside. */
  aside: boolean
}

export interface Room {
  handle: PieceHandle
  station: Station
  goTo: (station: Station) => void
  piece: Piece
  /** Without a preview: what fields show and changes start from. */
  stored: Piece
  page: Page
  /** The page without a preview. */
  storedPage: Page
  scene: PageScene | undefined
  /** The one selected frame; nothing if there are several. */
  frame: Frame | undefined
  /** All selected frames. */
  frames: Frame[]
  frameScene: FrameScene | undefined
  /** In the order of the light table. */
  photos: TrayPhoto[]
  /** Photos that are on their way in; they go on coming whatever station is open. */
  intake: ReturnType<typeof useIntake>
  /** Photos selected on the light table. */
  chosen: ReturnType<typeof useChosen>
  selection: Selection
  select: Dispatch<SelectionAction>
  /** What of the page is seen; nothing while all of it is. */
  view: View | null
  setView: (view: View | null) => void
  /** Places an entry in the selected frame, else in the first empty one of the page. */
  place: (entryId: string) => void
}

/** The room as it is when something is done in it: who only acts need not be drawn anew whenever it changes. */
export const RoomNowContext = createContext<(() => Room) | null>(null)

export function useRoomNow(): () => Room {
  const now = useContext(RoomNowContext)
  if (!now) throw new Error('useRoomNow needs a workroom around it')
  return now
}

export const RoomContext = createContext<Room | null>(null)

export function useRoom(): Room {
  const room = useContext(RoomContext)
  if (!room) throw new Error('useRoom needs a workroom around it')
  return room
}
