import { useRoom } from '../context'
import { useOrnaments } from '../ornaments/useOrnaments'
import type { Frame } from '../piece/model'

/** The parts of ribbons and labels that words stand on. */
const FACES = ['Face', 'Card', 'Cloth']

/** The one colour that words of their own stand on; nothing where a picture lies behind them. */
export function useGround(frame: Frame | undefined): string | undefined {
  const { scene } = useRoom()
  const ornaments = useOrnaments()
  if (!frame || !scene) return undefined
  const { ornament } = frame
  if (ornament) {
    const parts = ornaments.find(({ drawing }) => drawing === ornament.drawing)?.parts
    return ornament.colours[parts?.findIndex(({ name }) => FACES.includes(name)) ?? -1]
  }
  const own = scene.frames.find(({ frameId }) => frameId === frame.id)?.box
  const onPicture = scene.frames.some(
    ({ frameId, photo, box }) =>
      frameId !== frame.id &&
      photo &&
      own &&
      box.x < own.x + own.width &&
      own.x < box.x + box.width &&
      box.y < own.y + own.height &&
      own.y < box.y + box.height,
  )
  return onPicture ? undefined : scene.colour
}
