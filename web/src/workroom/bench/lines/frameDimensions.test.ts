import { expect, it } from 'vitest'
import type { FrameScene, PageScene } from '../../../api/client'
import { frameAcross, frameDown, spotWith } from './frameDimensions'

const frame = (frameId: string, x: number, y: number, width: number, height: number, turnDegrees = 0) =>
  ({ frameId, box: { x, y, width, height }, turnDegrees, hidden: false }) as unknown as FrameScene
const page = (...frames: FrameScene[]) => ({ widthMm: 300, heightMm: 200, frames }) as unknown as PageScene

it('measures to the neighbours, and to the edge of the page where there is none', () => {
  const own = frame('own', 100, 50, 60, 40)
  const scene = page(
    own,
    frame('left', 20, 60, 70, 20),
    frame('farther', 0, 60, 10, 20),
    frame('below', 90, 120, 40, 40),
  )
  expect(frameAcross(scene, own)).toEqual([
    { from: 90, to: 100, measured: 'frameLeft' },
    { from: 100, to: 160, measured: 'frameWidth' },
    { from: 160, to: 300, measured: 'frameRight' },
  ])
  expect(frameDown(scene, own)).toEqual([
    { from: 0, to: 50, measured: 'frameTop' },
    { from: 50, to: 90, measured: 'frameHeight' },
    { from: 90, to: 120, measured: 'frameBottom' },
  ])
})

it('says nothing of frames that touch or overlap, nor of the size of a turned one', () => {
  const own = frame('own', 100, 50, 60, 40, 90)
  const scene = page(own, frame('over', 80, 60, 40, 20), frame('touching', 150, 60, 40, 20))
  expect(frameAcross(scene, own)).toEqual([
    { from: 0, to: 110, measured: 'frameLeft' },
    { from: 110, to: 150, measured: undefined },
  ])
})

it('a typed distance moves the frame, a typed size keeps its left and upper edge', () => {
  const spot = { x: 100_000, y: 50_000, width: 60_000, height: 40_000, turnDegrees: 0 }
  const left = { from: 90, to: 100, measured: 'frameLeft' as const }
  const right = { from: 160, to: 300, measured: 'frameRight' as const }
  expect(spotWith(spot, left, 4000)).toEqual({ ...spot, x: 94_000 })
  expect(spotWith(spot, right, 100_000)).toEqual({ ...spot, x: 140_000 })
  expect(spotWith(spot, { from: 50, to: 90, measured: 'frameHeight' }, 30_000)).toEqual({ ...spot, height: 30_000 })
})
