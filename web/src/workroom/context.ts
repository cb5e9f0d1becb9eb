import { createContext, type Dispatch, useContext } from 'react'
import type { Frame, FrameScene, Page, PageScene, Photo, Piece } from '../api/client'
import type { Selection, SelectionAction } from './selection'
import type { PieceHandle } from './usePiece'

export interface Room {
  handle: PieceHandle
  piece: Piece
  /** Without a preview: what fields show and changes start from. */
  stored: Piece
  page: Page
  scene: PageScene | undefined
  /** The one selected frame; nothing if there are several. */
  frame: Frame | undefined
  /** All selected frames. */
  frames: Frame[]
  frameScene: FrameScene | undefined
  photos: Photo[]
  selection: Selection
  select: Dispatch<SelectionAction>
  /** Places a photo in the selected frame, else in the first empty one of the page. */
  place: (photo: string) => void
}

export const RoomContext = createContext<Room | null>(null)

export function useRoom(): Room {
  const room = useContext(RoomContext)
  if (!room) throw new Error('useRoom needs a workroom around it')
  return room
}
