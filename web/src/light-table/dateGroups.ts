import type { Photo } from '../api/client'

export interface DateGroup {
  title: string
  photos: Photo[]
}

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })

const titleOf = ({ takenAt }: Photo) => (takenAt ? day.format(new Date(takenAt)) : 'No date in the file')

/** Runs of neighbours that were taken on the same day, in the order of the table. */
export function groupsOf(photos: Photo[]): DateGroup[] {
  const groups: DateGroup[] = []
  for (const photo of photos) {
    const title = titleOf(photo)
    const last = groups.at(-1)
    if (last?.title === title) last.photos.push(photo)
    else groups.push({ title, photos: [photo] })
  }
  return groups
}

/** Oldest first; photos without a date keep their order and come last. */
export function byTime(photos: Photo[]): Photo[] {
  const key = ({ takenAt }: Photo) => takenAt ?? '9999'
  return photos.toSorted((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0))
}
