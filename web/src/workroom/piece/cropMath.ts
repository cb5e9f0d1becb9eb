import type { Box, Crop } from '../../api/client'

export interface PlacedPhoto {
  /** The map from the photo's unit square to the page in millimetres. */
  matrix: [number, number, number, number, number, number]
  mmPerPixel: number
  crop: Crop
}

export const MOST_ZOOM = 20

/** Where a photo lies so that its crop shows in a window: the same sums as the core's CropGeometry, for dragging. */
export function placePhoto(widthPx: number, heightPx: number, window: Box, crop: Crop): PlacedPhoto {
  const turn = (crop.turnDegrees * Math.PI) / 180
  const cos = Math.abs(Math.cos(turn))
  const sin = Math.abs(Math.sin(turn))
  let scale: number
  let { focusX, focusY } = crop
  if (crop.fit === 'WHOLE') {
    scale = Math.min(window.width / (widthPx * cos + heightPx * sin), window.height / (widthPx * sin + heightPx * cos))
    focusX = focusY = 0.5
  } else {
    const across = window.width * cos + window.height * sin
    const down = window.width * sin + window.height * cos
    scale = Math.max(across / widthPx, down / heightPx) * crop.zoom
    focusX = kept(focusX, across / 2 / (widthPx * scale))
    focusY = kept(focusY, down / 2 / (heightPx * scale))
  }
  const w = widthPx * scale * (crop.flipped ? -1 : 1)
  const h = heightPx * scale
  const a = Math.cos(turn) * w
  const b = Math.sin(turn) * w
  const c = -Math.sin(turn) * h
  const d = Math.cos(turn) * h
  const centreX = window.x + window.width / 2
  const centreY = window.y + window.height / 2
  return {
    matrix: [a, b, c, d, centreX - a * focusX - c * focusY, centreY - b * focusX - d * focusY],
    mmPerPixel: scale,
    crop: { ...crop, focusX, focusY },
  }
}

const kept = (focus: number, half: number) => (half >= 0.5 ? 0.5 : Math.min(1 - half, Math.max(half, focus)))

/** The crop after the photo was pushed by so many millimetres on the page. */
export function pushed(widthPx: number, heightPx: number, window: Box, crop: Crop, dx: number, dy: number): Crop {
  const { matrix, crop: now } = placePhoto(widthPx, heightPx, window, crop)
  const [a, b, c, d] = matrix
  const determinant = a * d - b * c
  const focusX = now.focusX - (d * dx - c * dy) / determinant
  const focusY = now.focusY - (a * dy - b * dx) / determinant
  const inside: Crop = { ...now, aim: 'HAND', focusX: clamp01(focusX), focusY: clamp01(focusY) }
  return placePhoto(widthPx, heightPx, window, inside).crop
}

const clamp01 = (value: number) => Math.min(1, Math.max(0, value))

export const zoomed = (crop: Crop, factor: number): Crop => ({
  ...crop,
  fit: 'FILL',
  zoom: Math.min(MOST_ZOOM, Math.max(1, crop.zoom * factor)),
})

/** Degrees brought into -180 to 180. */
export const turnedBy = (crop: Crop, degrees: number): Crop => {
  let turn = crop.turnDegrees + degrees
  while (turn > 180) turn -= 360
  while (turn < -180) turn += 360
  return { ...crop, turnDegrees: Number(turn.toFixed(2)) }
}

/** Degrees clockwise by which a photo of this own tilt, clockwise, comes to lie level; on its side if it is about that now. */
export const toLevel = (crop: Crop, tilt: number): number =>
  90 * Math.round(crop.turnDegrees / 90) + (crop.flipped ? tilt : -tilt) - crop.turnDegrees

/** Level. */
export const leveled = (crop: Crop, tilt: number): Crop => turnedBy(crop, toLevel(crop, tilt))
