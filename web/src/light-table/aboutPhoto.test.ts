import { expect, test } from 'vitest'
import type { Photo } from '../api/client'
import { aboutPhoto } from './aboutPhoto'

const photo: Photo = {
  id: 'a',
  fileName: 'kite.jpg',
  caption: '',
  format: 'JPEG',
  width: 4000,
  height: 3000,
  bytes: 3_140_000,
}

test('a photo tells when by which clock, where, and how large it is', () => {
  const told = {
    ...photo,
    takenAt: '2025-07-12T14:03:09.25',
    zoneMinutes: -210,
    place: { latitude: -54.1, longitude: 8.61234 },
  }
  expect(aboutPhoto(told)).toEqual([
    'Sat, 12 July 2025 at 14:03 (UTC \u2212 3:30)',
    '54.1000° S, 8.6123° E',
    '4000 × 3000\u2009px',
    'JPEG, 3.1\u2009MB',
  ])
})

test('what the file does not tell is not made up', () => {
  expect(aboutPhoto({ ...photo, bytes: 900 })).toEqual([
    'no date in the file',
    '4000 × 3000\u2009px',
    'JPEG, 1\u2009kB',
  ])
  expect(aboutPhoto({ ...photo, takenAt: '2025-07-12T14:03', zoneMinutes: 0 })[0]).toContain('(UTC)')
})
