import { expect, test } from 'vitest'
import type { TrayPhoto } from '../../workroom/context'
import { lesser, shownOf } from './shown'
import type { Choosing } from './useChoosing'

const photo = (id: string, aside = false) => ({ id, entryId: `entry ${id}`, aside }) as TrayPhoto
const photos = [photo('a'), photo('b'), photo('c', true), photo('d')]
const groups = [['d', 'b', 'c']]
const choosing: Choosing = { groups, alike: new Map(), blurred: new Set(['a']), left: 0 }

test('alike photos come together, the sharpest first', () => {
  expect(shownOf(photos, 'ALIKE', choosing).map(({ id }) => id)).toEqual(['d', 'b', 'c'])
  expect(shownOf(photos, 'BLURRED', choosing).map(({ id }) => id)).toEqual(['a'])
  expect(shownOf(photos, 'KEPT', undefined).map(({ id }) => id)).toEqual(['a', 'b', 'd'])
  expect(shownOf(photos, 'ALIKE', undefined)).toEqual([])
})

test('all but the sharpest can go, but for those that are aside already', () => {
  expect(lesser(photos, choosing)).toEqual(['entry b'])
})
