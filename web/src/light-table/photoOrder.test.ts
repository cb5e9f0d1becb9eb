import { expect, it } from 'vitest'
import type { Photo } from '../api/client'
import { byName, byTime } from './photoOrder'

const photo = (id: string, takenAt?: string) => ({ id, takenAt, fileName: `${id}.jpg` }) as Photo

it('orders by time; photos without a date come last as they were', () => {
  const table = [photo('x'), photo('b', '2026-07-12T00:01:00'), photo('y'), photo('a', '2026-07-11T10:00:00')]
  expect(byTime(table).map(({ id }) => id)).toEqual(['a', 'b', 'x', 'y'])
})

it('orders by name; numbers count as numbers, capitals as small letters', () => {
  const table = [photo('kite-10'), photo('Kite-9'), photo('boat'), photo('kite-2')]
  expect(byName(table).map(({ id }) => id)).toEqual(['boat', 'kite-2', 'Kite-9', 'kite-10'])
})
