import { expect, it } from 'vitest'
import { inOrder } from './useIntake'

const table = (photos: string) => [...photos].map((photo) => ({ id: photo.toUpperCase(), photo }))
const ids = (photos: string) => [...photos.toUpperCase()]

it('puts what arrived side by side in the order it was chosen, where it stands', () => {
  expect(inOrder(table('obac'), ['a', 'b', 'c'])).toEqual({ kind: 'orderEntries', entryIds: ids('oabc') })
  expect(inOrder(table('bxa'), ['a', 'gone', 'b'])).toEqual({ kind: 'orderEntries', entryIds: ids('axb') })
})

it('changes nothing when the order is right', () => {
  expect(inOrder(table('oab'), ['a', 'b'])).toBeNull()
  expect(inOrder([], ['a'])).toBeNull()
})
