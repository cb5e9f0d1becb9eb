import { expect, it } from 'vitest'
import { inOrder } from './useIntake'

it('puts what arrived side by side in the order it was chosen, where it stands', () => {
  expect(inOrder(['old', 'b', 'a', 'c'], ['a', 'b', 'c'])).toEqual({
    kind: 'orderPhotos',
    photos: ['old', 'a', 'b', 'c'],
  })
  expect(inOrder(['b', 'x', 'a'], ['a', 'gone', 'b'])).toEqual({ kind: 'orderPhotos', photos: ['a', 'x', 'b'] })
})

it('changes nothing when the order is right', () => {
  expect(inOrder(['old', 'a', 'b'], ['a', 'b'])).toBeNull()
  expect(inOrder([], ['a'])).toBeNull()
})
