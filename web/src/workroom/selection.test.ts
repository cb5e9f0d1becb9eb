import { describe, expect, it } from 'vitest'
import type { PageScene, Piece } from '../api/client'
import { findingsOf } from './drawer/findings'
import { spreadsOf } from './run/spreads'
import { framesOf, NOTHING, pageOf, type SelectionAction, selectionReducer, usesOf } from './selection'

const piece = {
  pages: [
    { id: 'p1', frames: [{ id: 'a', photo: 'x' }, { id: 'b' }] },
    {
      id: 'p2',
      frames: [
        { id: 'c', photo: 'x' },
        { id: 'd', photo: 'y' },
      ],
    },
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

  it('falls back to the first page when its own is gone', () => {
    expect(pageOf(piece, { ...NOTHING, pageId: 'gone' }).id).toBe('p1')
    expect(framesOf(pageOf(piece, { ...NOTHING, pageId: 'p2' }), { ...NOTHING, frameIds: ['a'] })).toEqual([])
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

it('finds bare frames, soft photos and words that do not fit', () => {
  const scene = (photo: object | undefined, words?: object) =>
    ({ frames: [{ frameId: 'f', photo, words }] }) as unknown as PageScene
  const scenes = {
    p1: scene(undefined),
    p2: scene({ sharpness: 'LOOSE', ppi: 90.4 }, { allShown: false, missing: '風' }),
  }
  expect(findingsOf(piece, scenes).map(({ grave, page, what }) => [grave, page, what])).toEqual([
    [false, 1, 'is empty'],
    [true, 2, 'will print too soft: 90 ppi'],
    [true, 2, 'has more words than fit; the rest is cut off'],
    [true, 2, 'has signs that the typeface lacks: 風'],
  ])
})
