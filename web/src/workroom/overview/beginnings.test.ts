import { expect, test } from 'vitest'
import type { Piece } from '../piece/model'
import { beginningsOf } from './beginnings'

test('a chapter begins on the page for its title, else on that of its first photo', () => {
  const page = (id: string, flow: string, ...entries: string[]) => ({ id, flow, entries })
  const piece = {
    album: {
      chapters: [
        { first: 'a', title: 'One' },
        { first: 'c', title: 'Two' },
        { first: 'd', title: '' },
      ],
    },
    pages: [page('1', 'OPENING'), page('2', 'FLOWED', 'a', 'b'), page('3', 'FLOWED', 'c'), page('4', 'FLOWED', 'd')],
  } as unknown as Piece
  expect([...beginningsOf(piece)]).toEqual([
    ['1', 'One'],
    ['3', 'Two'],
  ])
})
