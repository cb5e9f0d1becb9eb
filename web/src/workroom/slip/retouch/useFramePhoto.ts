import { framePhoto } from '../../../api/client'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'

/** The photo of a frame that is worked on by hand: its pictures, as they are now and as it came. */
export function useFramePhoto(frame: Frame) {
  const { handle, stored, storedPage, photos } = useRoom()
  const photo = photos.find(({ entryId }) => entryId === frame.entry)
  const { fill } = frame.item
  const at = { piece: stored.id, page: storedPage.id, frame: frame.id, revision: handle.open?.revision ?? 0 }
  return {
    photo,
    retouched: fill.kind === 'ownPhoto' ? fill.retouched : undefined,
    picture: framePhoto(at),
    whole: framePhoto({ ...at, plain: true }),
    frameOf: { pageId: storedPage.id, frameId: frame.id },
  }
}
