import { describe, expect, it } from 'vitest'
import type { PageScene, Piece } from '../api/client'
import { findingsOf } from './drawer/findings'
import { spreadsOf } from './run/spreads'
import { frameOf, pageOf, selectionReducer, usesOf } from './selection'

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
  it('ends cropping when another frame or page is chosen', () => {
    const cropping = selectionReducer(
      selectionReducer({ cropping: false }, { kind: 'frame', pageId: 'p1', frameId: 'a' }),
      { kind: 'crop', on: true },
    )
    expect(cropping.cropping).toBe(true)
    expect(selectionReducer(cropping, { kind: 'frame', pageId: 'p1', frameId: 'a' }).cropping).toBe(true)
    expect(selectionReducer(cropping, { kind: 'frame', pageId: 'p1', frameId: 'b' }).cropping).toBe(false)
    expect(selectionReducer(cropping, { kind: 'page', pageId: 'p2' })).toEqual({ pageId: 'p2', cropping: false })
  })

  it('cannot crop nothing', () => {
    expect(selectionReducer({ cropping: false }, { kind: 'crop', on: true }).cropping).toBe(false)
  })

  it('falls back to the first page when its own is gone', () => {
    expect(pageOf(piece, { pageId: 'gone', cropping: false }).id).toBe('p1')
    expect(frameOf(pageOf(piece, { pageId: 'p2', cropping: false }), { frameId: 'a', cropping: false })).toBeUndefined()
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
