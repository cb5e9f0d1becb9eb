import { expect, test } from 'vitest'
import type { PageSummary } from '../../api/client'
import { facingOf } from './facing'

test('the first page faces none, the second the third, a last left one none', () => {
  const pages = ['a', 'b', 'c', 'd'].map((id) => ({ id }) as PageSummary)
  expect(facingOf(pages, 'a')).toBeUndefined()
  expect(facingOf(pages, 'b')).toMatchObject({ page: { id: 'c' }, side: 'right' })
  expect(facingOf(pages, 'c')).toMatchObject({ page: { id: 'b' }, side: 'left' })
  expect(facingOf(pages, 'd')).toBeUndefined()
})
