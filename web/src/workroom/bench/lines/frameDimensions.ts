import type { Box, FrameScene, PageScene } from '../../../api/client'
import { boundsAround } from '../../frames/spots'
import type { Spot } from '../../piece/model'
import type { Stretch } from './dimensions'

const NEAR = 0.01

const boundsIn = ({ box, turnDegrees }: FrameScene): Box => boundsAround(box, turnDegrees)

/** From its nearest neighbour on the left, or the page's edge, over the frame to what is next on the right. A turned one is measured around. */
export function frameAcross(scene: PageScene, frame: FrameScene): Stretch[] {
  const own = boundsIn(frame)
  const beside = scene.frames
    .filter(({ frameId, hidden }) => frameId !== frame.frameId && !hidden)
    .map(boundsIn)
    .filter(({ y, height }) => y < own.y + own.height - NEAR && own.y < y + height - NEAR)
  const sides = beside.map(({ x, width }) => [x, x + width] as const)
  return chain(own.x, own.x + own.width, scene.widthMm, sides, frame.turnDegrees === 0, [
    'frameLeft',
    'frameWidth',
    'frameRight',
  ])
}

/** The same down the page. */
export function frameDown(scene: PageScene, frame: FrameScene): Stretch[] {
  const own = boundsIn(frame)
  const above = scene.frames
    .filter(({ frameId, hidden }) => frameId !== frame.frameId && !hidden)
    .map(boundsIn)
    .filter(({ x, width }) => x < own.x + own.width - NEAR && own.x < x + width - NEAR)
  const sides = above.map(({ y, height }) => [y, y + height] as const)
  return chain(own.y, own.y + own.height, scene.heightMm, sides, frame.turnDegrees === 0, [
    'frameTop',
    'frameHeight',
    'frameBottom',
  ])
}

function chain(
  from: number,
  to: number,
  end: number,
  others: (readonly [number, number])[],
  upright: boolean,
  [before, size, after]: [Stretch['measured'], Stretch['measured'], Stretch['measured']],
): Stretch[] {
  const last = Math.max(0, ...others.map(([, right]) => right).filter((right) => right <= from + NEAR))
  const next = Math.min(end, ...others.map(([left]) => left).filter((left) => left >= to - NEAR))
  const stretches: Stretch[] = [{ from, to, measured: upright ? size : undefined }]
  // Frames that touch have nothing between them; what reaches beyond the page is no distance.
  if (from - last > NEAR) stretches.unshift({ from: last, to: from, measured: before })
  if (next - to > NEAR) stretches.push({ from: to, to: next, measured: after })
  return stretches
}

/** The place that a frame comes to if this stretch is to be so many micrometres long; what it begins or ends at stays. */
export function spotWith(spot: Spot, { measured, from, to }: Stretch, length: number): Spot {
  const by = length - Math.round((to - from) * 1000)
  switch (measured) {
    case 'frameLeft':
      return { ...spot, x: spot.x + by }
    case 'frameRight':
      return { ...spot, x: spot.x - by }
    case 'frameTop':
      return { ...spot, y: spot.y + by }
    case 'frameBottom':
      return { ...spot, y: spot.y - by }
    case 'frameWidth':
      return { ...spot, width: length }
    case 'frameHeight':
      return { ...spot, height: length }
    default:
      return spot
  }
}
