import { describe, expect, it } from 'vitest'
import { type Page, type Piece, usesOf } from './model'
import { spreadsOf } from '../run/spreads'
import { framesOf, NOTHING, type SelectionAction, selectionReducer } from './selection'

const piece = {
  pages: [
    { id: 'p1', entries: ['x'] },
    { id: 'p2', entries: ['x', 'y'] },
  ],
} as unknown as Piece

describe('selection', () => {
  const select = (action: SelectionAction, before = NOTHING) => selectionReducer(before, action)

  it('ends cropping when another frame or page is chosen', () => {
    const cropping = select({ kind: 'crop', on: true }, select({ kind: 'frame', pageId: 'p1', frameId: 'a' }))
    expect(cropping.cropping).toBe(true)
    expect(select({ kind: 'frame', pageId: 'p1', frameId: 'a' }, cropping).cropping).toBe(true)
    expect(select({ kind: 'frame', pageId: 'p1', frameId: 'b' }, cropping).cropping).toBe(false)
    expect(select({ kind: 'page', pageId: 'p2' }, cropping)).toEqual({ ...NOTHING, pageId: 'p2' })
  })

  it('cannot crop nothing, nor several', () => {
    expect(select({ kind: 'crop', on: true }).cropping).toBe(false)
    const several = select({ kind: 'frames', pageId: 'p1', frameIds: ['a', 'b'] })
    expect(select({ kind: 'crop', on: true }, several).cropping).toBe(false)
  })

  it('takes hold of one more and lets go of it again', () => {
    const one = select({ kind: 'frame', pageId: 'p1', frameId: 'a' })
    const two = select({ kind: 'toggle', pageId: 'p1', frameIds: ['b'] }, one)
    expect(two.frameIds).toEqual(['a', 'b'])
    expect(select({ kind: 'toggle', pageId: 'p1', frameIds: ['a'] }, two).frameIds).toEqual(['b'])
    expect(select({ kind: 'toggle', pageId: 'p2', frameIds: ['c'] }, two).frameIds).toEqual(['c'])
  })

  it('lets go of frames that are gone', () => {
    const page = { frames: [{ id: 'c' }] } as unknown as Page
    expect(framesOf(page, { ...NOTHING, frameIds: ['a', 'c'] })).toEqual([{ id: 'c' }])
  })

  it('counts uses by page', () => {
    expect([...usesOf(piece)]).toEqual([
      ['x', [1, 2]],
      ['y', [2]],
    ])
  })
})

it('lays pages out as spreads: the first alone, then two and two', () => {
  expect(spreadsOf(0)).toEqual([])
  expect(spreadsOf(1)).toEqual([[0]])
  expect(spreadsOf(4)).toEqual([[0], [1, 2], [3]])
  expect(spreadsOf(5)).toEqual([[0], [1, 2], [3, 4]])
})
