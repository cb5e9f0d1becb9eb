import { describe, expect, it } from 'vitest'
import type { Crop } from '../../api/client'
import { leveled, type PlacedPhoto, placePhoto, pushed, toLevel, turnedBy, zoomed } from './cropMath'

const centred: Crop = { focusX: 0.5, focusY: 0.5, zoom: 1, turnDegrees: 0, flipped: false, fit: 'FILL', aim: 'HAND' }
const box = { x: 10, y: 20, width: 100, height: 100 }

/** A small generator with a seed, so that each run sees the same cases. */
function randoms(seed: number) {
  let state = seed
  return (from: number, to: number) => {
    state = (state * 1664525 + 1013904223) % 4294967296
    return from + ((to - from) * state) / 4294967296
  }
}

/** Where a point of the page lies on the photo's unit square. */
function onPhoto([a, b, c, d, e, f]: PlacedPhoto['matrix'], x: number, y: number): [number, number] {
  const determinant = a * d - b * c
  return [(d * (x - e) - c * (y - f)) / determinant, (a * (y - f) - b * (x - e)) / determinant]
}

describe('placing a photo in its window', () => {
  it('does the known sum: 3000 × 2000 px fill 100 × 100 mm by their height', () => {
    const { matrix, mmPerPixel } = placePhoto(3000, 2000, box, centred)
    expect(mmPerPixel).toBeCloseTo(0.05, 12)
    expect(matrix[4]).toBeCloseTo(-15, 9)
    expect(matrix[5]).toBeCloseTo(20, 9)
  })

  it('never leaves a corner bare, whatever the crop', () => {
    const random = randoms(7)
    for (let i = 0; i < 2000; i++) {
      const window = { x: random(-50, 50), y: random(-50, 50), width: random(1, 500), height: random(1, 500) }
      const crop: Crop = {
        ...centred,
        focusX: random(0, 1),
        focusY: random(0, 1),
        zoom: random(1, 20),
        turnDegrees: random(-180, 180),
        flipped: i % 2 === 0,
      }
      const { matrix } = placePhoto(random(1, 9000), random(1, 9000), window, crop)
      for (const [x, y] of [
        [window.x, window.y],
        [window.x + window.width, window.y],
        [window.x, window.y + window.height],
        [window.x + window.width, window.y + window.height],
      ]) {
        for (const on of onPhoto(matrix, x ?? 0, y ?? 0)) {
          expect(on).toBeGreaterThan(-1e-9)
          expect(on).toBeLessThan(1 + 1e-9)
        }
      }
    }
  })

  it('moves the photo with the pointer, turned and flipped too, until its edge is reached', () => {
    const crop: Crop = { ...centred, zoom: 3, turnDegrees: 30, flipped: true }
    const before = placePhoto(3000, 2000, box, crop).matrix
    const after = placePhoto(3000, 2000, box, pushed(3000, 2000, box, crop, 4, -7)).matrix
    expect(after[4] - before[4]).toBeCloseTo(4, 9)
    expect(after[5] - before[5]).toBeCloseTo(-7, 9)
    const far = pushed(3000, 2000, box, centred, 900, 900)
    expect(far.focusX).toBeCloseTo(1 / 3, 9)
    expect(far.focusY).toBeCloseTo(0.5, 9)
  })

  it('keeps zoom and turn within their limits', () => {
    expect(zoomed(centred, 0.01).zoom).toBe(1)
    expect(zoomed(centred, 1000).zoom).toBe(20)
    expect(zoomed({ ...centred, fit: 'WHOLE' }, 1.5).fit).toBe('FILL')
    expect(turnedBy({ ...centred, turnDegrees: 170 }, 90).turnDegrees).toBe(-100)
    expect(turnedBy({ ...centred, turnDegrees: -170 }, -90).turnDegrees).toBe(100)
  })

  it('takes a photo’s own tilt back, on its side and mirrored, too', () => {
    expect(leveled({ ...centred, turnDegrees: 3 }, 2.5).turnDegrees).toBe(-2.5)
    expect(leveled({ ...centred, turnDegrees: 88 }, 2.5).turnDegrees).toBe(87.5)
    expect(leveled({ ...centred, flipped: true }, 2.5).turnDegrees).toBe(2.5)
    expect(leveled({ ...centred, turnDegrees: -179 }, 2.5).turnDegrees).toBe(177.5)
  })

  it('says by how much a level photo that was turned by hand is off', () => {
    expect(toLevel({ ...centred, turnDegrees: 4 }, 0)).toBe(-4)
    expect(toLevel({ ...centred, turnDegrees: -94 }, 1)).toBe(3)
    expect(toLevel(leveled({ ...centred, turnDegrees: 33, flipped: true }, -1.5), -1.5)).toBe(0)
  })
})
