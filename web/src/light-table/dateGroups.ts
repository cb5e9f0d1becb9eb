import type { Photo } from '../api/client'

export interface DateGroup<T> {
  title: string
  /** For where there is little room. */
  short: string
  photos: T[]
}

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })

const short = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'long' })
/** Where photos are of several years. */
const dated = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })

const titleOf = ({ takenAt }: Photo) => (takenAt ? day.format(new Date(takenAt)) : 'No date in the file')

/** Runs of neighbours that were taken on the same day, in the order of the table. */
export function groupsOf<T extends Photo>(photos: T[]): DateGroup<T>[] {
  const groups: DateGroup<T>[] = []
  const years = new Set(photos.flatMap(({ takenAt }) => takenAt?.slice(0, 4) ?? []))
  const said = years.size > 1 ? dated : short
  for (const photo of photos) {
    const title = titleOf(photo)
    const last = groups.at(-1)
    if (last?.title === title) last.photos.push(photo)
    else
      groups.push({
        title,
        short: photo.takenAt ? said.format(new Date(photo.takenAt)) : 'no date',
        photos: [photo],
      })
  }
  return groups
}
