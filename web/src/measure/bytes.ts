const STEPS = ['B', 'kB', 'MB', 'GB', 'TB']

/** A file's size as people say it, in steps of a thousand. */
export function sayBytes(bytes: number): string {
  let value = bytes
  let step = 0
  while (value >= 999.5 && step < STEPS.length - 1) {
    value /= 1000
    step++
  }
  return `${value < 10 && step > 0 ? value.toFixed(1) : Math.round(value)}\u202f${STEPS[step]}`
}
