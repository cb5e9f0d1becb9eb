import { type ReactNode, useDeferredValue } from 'react'
import { RoomContext, useRoom } from './context'

/**
 * What lies around the bench. It follows a preview as soon as the bench has shown it: while a slider moves, the picture comes first.
 *
 * @param children the same element each time, so that only the room tells when to draw it anew
 */
export function AfterBench({ children }: { children: ReactNode }) {
  const room = useRoom()
  const later = useDeferredValue(room)
  return <RoomContext value={room.handle.open?.tried ? later : room}>{children}</RoomContext>
}
