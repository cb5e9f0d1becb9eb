import type { Format, LengthUnit } from '../api/client'

const MICROMETRES: Record<Exclude<LengthUnit, 'PX'>, number> = { MM: 1000, CM: 10_000, IN: 25_400, PT: 25_400 / 72 }
const DECIMALS: Record<LengthUnit, number> = { MM: 1, CM: 2, IN: 3, PT: 1, PX: 0 }
const SYMBOL: Record<LengthUnit, string> = { MM: 'mm', CM: 'cm', IN: 'in', PT: 'pt', PX: 'px' }

export type UnitFormat = Pick<Format, 'unit' | 'resolution'>

export const unitNames: Record<LengthUnit, string> = SYMBOL

/** A length of whole micrometres as a plain number in a unit, rounded for reading. */
export function inUnit(micrometres: number, { unit, resolution }: UnitFormat): string {
  const one = unit === 'PX' ? 25_400 / resolution : MICROMETRES[unit]
  return String(Number((micrometres / one).toFixed(DECIMALS[unit])))
}

/** A length with its unit after a thin space. */
export function say(micrometres: number, format: UnitFormat): string {
  return `${inUnit(micrometres, format)}\u2009${SYMBOL[format.unit]}`
}

/** Two sides with one unit: 30 × 20 cm. */
export function saySize(width: number, height: number, format: UnitFormat): string {
  return `${inUnit(width, format)} × ${inUnit(height, format)}\u2009${SYMBOL[format.unit]}`
}

/** One press of an arrow key in a length field, in micrometres. */
export function stepOf({ unit, resolution }: UnitFormat): number {
  return unit === 'IN' ? 1588 : unit === 'PT' ? 353 : unit === 'PX' ? Math.round(25_400 / resolution) : 1000
}

/** To a tenth of a millimetre, micrometres. */
export const tenths = (length: number) => Math.round(length / 100) * 100
