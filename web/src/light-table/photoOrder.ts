import type { Photo } from '../api/client'

/** Oldest first; photos without a date keep their order and come last. */
export function byTime<T extends Photo>(photos: T[]): T[] {
  const key = ({ takenAt }: Photo) => takenAt ?? '9999'
  return photos.toSorted((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0))
}

const names = new Intl.Collator(undefined, { numeric: true, sensitivity: 'base' })

/** By the files' names, numbers in them as numbers. */
export const byName = <T extends Photo>(photos: T[]): T[] =>
  photos.toSorted((a, b) => names.compare(a.fileName, b.fileName))
