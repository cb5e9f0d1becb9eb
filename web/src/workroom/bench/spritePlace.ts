import type { CSSProperties } from 'react'
import type { UnitScene } from '../../api/client'

/** A unit begins at one of so many parts of a pixel, as the server draws it. */
const PHASES = 256

/** Where a picture of a unit lies on the page, in its own pixels, and which of the unit's pictures it is. */
export interface PicturePlace {
  name: string
  phaseX: number
  phaseY: number
  left: number
  top: number
  width: number
  height: number
  /** How it lies on what is behind it, as CSS says it. */
  blend: CSSProperties['mixBlendMode']
}

/** A unit's picture in the screen's own pixels, and one of half as many each way that stands for it while it changes. */
export interface SpritePlace extends PicturePlace {
  draft: PicturePlace
}

const placed = (at: number) => {
  const parts = Math.round(at * PHASES)
  const whole = Math.floor(parts / PHASES)
  return { whole, phase: parts - whole * PHASES }
}

const known = new WeakMap<UnitScene, { device: number; place: SpritePlace }>()

/**
 * The same value for the same unit at the same scale.
 *
 * @param device device pixels for each millimetre
 */
export function spritePlace(unit: UnitScene, device: number): SpritePlace {
  const before = known.get(unit)
  if (before?.device === device) return before.place
  const place = { ...placeOf(unit, device), draft: placeOf(unit, device / 2) }
  known.set(unit, { device, place })
  return place
}

function placeOf({ name, x, y, ink, blend }: UnitScene, device: number): PicturePlace {
  const [across, down] = [placed(x * device), placed(y * device)]
  const stretch = (from: number, size: number, phase: number) => {
    const start = Math.floor(from * device + phase / PHASES)
    return [start, Math.ceil((from + size) * device + phase / PHASES) - start] as const
  }
  const [left, width] = stretch(ink.x, ink.width, across.phase)
  const [top, height] = stretch(ink.y, ink.height, down.phase)
  return {
    name,
    phaseX: across.phase,
    phaseY: down.phase,
    left: across.whole + left,
    top: down.whole + top,
    width,
    height,
    blend: BLENDS[blend],
  }
}

const BLENDS: Record<UnitScene['blend'], CSSProperties['mixBlendMode']> = {
  NORMAL: undefined,
  MULTIPLY: 'multiply',
  SCREEN: 'screen',
  OVERLAY: 'overlay',
  SOFT_LIGHT: 'soft-light',
  DARKEN: 'darken',
  LIGHTEN: 'lighten',
}

export const spriteKey = ({ name, phaseX, phaseY }: Pick<PicturePlace, 'name' | 'phaseX' | 'phaseY'>) =>
  `${name} ${phaseX} ${phaseY}`
