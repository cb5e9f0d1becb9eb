import type { Box, FrameScene, PageScene } from '../../api/client'
import type { Frame, Spot } from '../piece/model'
import type { Pivot } from '../piece/selection'

/** Micrometres. */
const SMALLEST = 2000

const radians = (degrees: number) => (degrees * Math.PI) / 180

/** Degrees brought into -180 to 180, to a hundredth. */
export function turnWithin(degrees: number): number {
  const turn = ((((degrees + 180) % 360) + 360) % 360) - 180
  return Number(turn.toFixed(2))
}

const um = (mm: number) => Math.round(mm * 1000)

/** The place that a frame has now as one of its own. */
export function spotOf(frame: Frame, scene: FrameScene): Spot {
  const { box, turnDegrees } = scene
  return frame.spot ?? { x: um(box.x), y: um(box.y), width: um(box.width), height: um(box.height), turnDegrees }
}

export const spotsOf = (frames: Frame[], scene: PageScene): { frameId: string; spot: Spot }[] =>
  frames.flatMap((frame) => {
    const shown = scene.frames.find(({ frameId }) => frameId === frame.id)
    return shown ? [{ frameId: frame.id, spot: spotOf(frame, shown) }] : []
  })

/** The unturned box in millimetres. */
export const boxOf = ({ x, y, width, height }: Spot): Box => ({
  x: x / 1000,
  y: y / 1000,
  width: width / 1000,
  height: height / 1000,
})

/** The upright box around the turned frame, millimetres. */
export const boundsOf = (spot: Spot): Box => boundsAround(boxOf(spot), spot.turnDegrees)

/** The upright box around a box that is turned about its centre. */
export function boundsAround({ x, y, width, height }: Box, degrees: number): Box {
  const cos = Math.abs(Math.cos(radians(degrees)))
  const sin = Math.abs(Math.sin(radians(degrees)))
  const w = width * cos + height * sin
  const h = width * sin + height * cos
  return { x: x + (width - w) / 2, y: y + (height - h) / 2, width: w, height: h }
}

/** The box around all of these. */
export const around = (boxes: Box[]): Box => {
  const x = Math.min(...boxes.map((box) => box.x))
  const y = Math.min(...boxes.map((box) => box.y))
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  }
}

export const movedBy = (spot: Spot, dx: number, dy: number): Spot => ({
  ...spot,
  x: spot.x + um(dx),
  y: spot.y + um(dy),
})

/** Which side or corner is taken hold of: -1, 0 or 1 across and down. */
export interface Handle {
  x: -1 | 0 | 1
  y: -1 | 0 | 1
}

/**
 * The spot after one of its handles was drawn by so many millimetres: the opposite side or corner stays where it is on the
 * page, a corner keeps the proportion, a side changes one measure alone.
 */
export function drawn(spot: Spot, handle: Handle, dx: number, dy: number): Spot {
  const turn = radians(spot.turnDegrees)
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)]
  const along = (dx * cos + dy * sin) * 1000 * handle.x
  const aside = (-dx * sin + dy * cos) * 1000 * handle.y
  let { width, height } = spot
  if (handle.x && handle.y) {
    const least = SMALLEST / Math.min(width, height)
    const scale = Math.max(least, 1 + (along * width + aside * height) / (width * width + height * height))
    width = Math.round(width * scale)
    height = Math.round(height * scale)
  } else {
    width = Math.round(Math.max(SMALLEST, width + along))
    height = Math.round(Math.max(SMALLEST, height + aside))
  }
  const pushX = (handle.x * (width - spot.width)) / 2
  const pushY = (handle.y * (height - spot.height)) / 2
  const centreX = spot.x + spot.width / 2 + pushX * cos - pushY * sin
  const centreY = spot.y + spot.height / 2 + pushX * sin + pushY * cos
  return { ...spot, width, height, x: Math.round(centreX - width / 2), y: Math.round(centreY - height / 2) }
}

/** Where a point given in shares of the frame lies on the page, micrometres. */
export function pointOf(spot: Spot, { x, y }: Pivot): { x: number; y: number } {
  const turn = radians(spot.turnDegrees)
  const [px, py] = [(x - 0.5) * spot.width, (y - 0.5) * spot.height]
  return {
    x: spot.x + spot.width / 2 + px * Math.cos(turn) - py * Math.sin(turn),
    y: spot.y + spot.height / 2 + px * Math.sin(turn) + py * Math.cos(turn),
  }
}

/** The spot turned to an angle; the pivot stays where it is. */
export function turnedTo(spot: Spot, degrees: number, pivot: Pivot): Spot {
  const next = { ...spot, turnDegrees: turnWithin(degrees) }
  const before = pointOf(spot, pivot)
  const after = pointOf(next, pivot)
  return { ...next, x: Math.round(spot.x + before.x - after.x), y: Math.round(spot.y + before.y - after.y) }
}
