import { expect, test } from 'vitest'
import type { Entry } from '../../../api/client'
import { begun, chaptersInOrder, joined, retitled } from './chapterWish'

const entry = (id: string, aside = false) => ({ id, aside }) as Entry
const ENTRIES = [entry('a'), entry('b', true), entry('c'), entry('d'), entry('e')]
const TWO = [
  { id: '2', title: 'Second', first: 'd' },
  { id: '1', title: 'First', first: 'a' },
]

test('chapters follow each other as their photos do; photos that are out are not counted', () => {
  expect(chaptersInOrder(TWO, ENTRIES).map(({ chapter, from, photos }) => [chapter.title, from, photos])).toEqual([
    ['First', 0, 2],
    ['Second', 3, 2],
  ])
  expect(chaptersInOrder([{ id: '9', title: '', first: 'gone' }], ENTRIES)).toEqual([])
})

test('chapters are begun, retitled and joined', () => {
  const three = begun(TWO, 'c')
  expect(chaptersInOrder(three, ENTRIES).map(({ from }) => from)).toEqual([0, 2, 3])
  expect(retitled(three, '2', 'Home')[0]?.title).toBe('Home')
  expect(chaptersInOrder(joined(three, '2'), ENTRIES).map(({ photos }) => photos)).toEqual([1, 3])
})
