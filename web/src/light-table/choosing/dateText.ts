const MONTHS = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
]
/** The month in the middle of each, as the north has them. */
const SEASONS: Record<string, number> = { spring: 4, summer: 7, autumn: 10, fall: 10, winter: 1 }

const two = (number: number) => String(number).padStart(2, '0')
const at = (year: number, month: number, day: number) => {
  const date = new Date(Date.UTC(year, month - 1, day))
  const real = date.getUTCMonth() === month - 1 && date.getUTCDate() === day
  return real ? `${String(year).padStart(4, '0')}-${two(month)}-${two(day)}T12:00:00` : undefined
}

/** The noon in the middle of what a person says: a year, a season, a month, a day; nothing for anything else. */
export function middleOf(text: string): string | undefined {
  const words = text.trim().toLowerCase().replaceAll(',', ' ').split(/\s+/)
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text.trim())
  if (iso) return at(Number(iso[1]), Number(iso[2]), Number(iso[3]))
  const year = words.find((word) => /^\d{4}$/.test(word))
  const rest = words.filter((word) => word !== year)
  if (!year) return undefined
  if (rest.length === 0) return at(Number(year), 7, 1)
  const [name, ...others] = rest.filter((word) => !/^\d{1,2}(st|nd|rd|th)?$/.test(word))
  const day = rest.find((word) => /^\d/.test(word))
  if (!name || others.length > 0 || rest.length > 2) return undefined
  const season = SEASONS[name]
  if (season && !day) return at(Number(year), season, 15)
  const month = name.length >= 3 ? MONTHS.findIndex((month) => month.startsWith(name)) + 1 : 0
  return month > 0 ? at(Number(year), month, day ? parseInt(day) : 15) : undefined
}

/** Minutes of a shift: hours and minutes, or days; nothing for anything else. */
export function minutesOf(text: string): number | undefined {
  const parts = /^([+\-−]?)\s*(?:(\d{1,5})\s*d(?:ays?)?)?\s*(?:(\d{1,4}):(\d{2})|(\d{1,4})\s*h)?$/.exec(
    text.trim().toLowerCase(),
  )
  const [, sign, days, hours, minutes, alone] = parts ?? []
  if (!parts || (!days && !hours && !alone)) return undefined
  const sum = Number(days ?? 0) * 1440 + Number(hours ?? alone ?? 0) * 60 + Number(minutes ?? 0)
  return sign && sign !== '+' ? -sum : sum
}
