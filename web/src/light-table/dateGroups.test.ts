import { expect, it } from 'vitest'
import type { Photo } from '../api/client'
import { groupsOf } from './dateGroups'

const photo = (id: string, takenAt?: string) => ({ id, takenAt }) as Photo

it('groups neighbours of one day and keeps the order of the table', () => {
  const table = [
    photo('a', '2026-07-11T10:00:00'),
    photo('b', '2026-07-11T23:59:00'),
    photo('c', '2026-07-12T00:01:00'),
    photo('d'),
    photo('e', '2026-07-11T09:00:00'),
  ]
  expect(
    groupsOf(table).map(({ title, photos }) => [title.replace(',', ''), photos.map(({ id }) => id).join('')]),
  ).toEqual([
    ['Saturday 11 July 2026', 'ab'],
    ['Sunday 12 July 2026', 'c'],
    ['No date in the file', 'd'],
    ['Saturday 11 July 2026', 'e'],
  ])
})
