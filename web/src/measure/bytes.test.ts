import { expect, it } from 'vitest'
import { sayBytes } from './bytes'

it.each([
  [0, '0 B'],
  [999, '999 B'],
  [1000, '1.0 kB'],
  [9_949, '9.9 kB'],
  [23_800_000, '24 MB'],
  [999_600_000, '1.0 GB'],
  [4_200_000_000_000_000, '4200 TB'],
])('says %d bytes as %s', (bytes, said) => {
  expect(sayBytes(bytes)).toBe(said.replace(' ', '\u202f'))
})
