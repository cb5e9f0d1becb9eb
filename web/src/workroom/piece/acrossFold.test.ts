import { expect, it } from 'vitest'
import { liesAcrossFold } from './acrossFold'

const pages = (shown: string) => [...shown].map((entry) => ({ entries: [entry], frames: 1 }))

it.each([
  ['xaax', 1, true],
  ['xaax', 2, true],
  ['aaax', 2, false],
  ['aaax', 0, false],
  ['aa', 1, false],
  ['xabx', 1, false],
])('in %s page %i lies across the fold: %s', (shown, index, across) => {
  expect(liesAcrossFold(pages(shown), index, 'a')).toBe(across)
})
