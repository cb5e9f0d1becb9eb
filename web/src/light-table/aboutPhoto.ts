import type { Photo } from '../api/client'

const moment = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  hour: '2-digit',
  minute: '2-digit',
})

/** How far a clock was ahead of universal time, as `UTC + 2` or `UTC \u2212 3:30`. */
function zoneOf(minutes: number) {
  const [hours, rest] = [Math.floor(Math.abs(minutes) / 60), Math.abs(minutes) % 60]
  const by = rest === 0 ? `${hours}` : `${hours}:${String(rest).padStart(2, '0')}`
  return minutes === 0 ? 'UTC' : `UTC ${minutes < 0 ? '\u2212' : '+'} ${by}`
}

/** Four decimals are some ten metres. */
const degrees = (value: number, [above, below]: [string, string]) =>
  `${Math.abs(value).toFixed(4)}° ${value < 0 ? below : above}`

const sizeOf = (bytes: number) =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1000))}\u2009kB` : `${(bytes / 1e6).toFixed(1)}\u2009MB`

/** What the file of a photo tells: when and where it was taken, its pixels, its kind and size. */
export function aboutPhoto({ takenAt, zoneMinutes, place, width, height, format, bytes }: Photo): string[] {
  const zone = zoneMinutes == null ? '' : ` (${zoneOf(zoneMinutes)})`
  return [
    takenAt ? moment.format(new Date(takenAt)) + zone : 'no date in the file',
    ...(place ? [`${degrees(place.latitude, ['N', 'S'])}, ${degrees(place.longitude, ['E', 'W'])}`] : []),
    `${width} × ${height}\u2009px`,
    `${format}, ${sizeOf(bytes)}`,
  ]
}
