import type { TrayPhoto } from '../../workroom/context'
import type { Choosing } from './useChoosing'

/** Which photos the table shows while some are chosen from many. */
export const SHOWN = {
  ALL: 'all photos',
  KEPT: 'what is kept',
  ASIDE: 'what is set aside',
  ALIKE: 'what looks alike',
  BLURRED: 'what is blurred',
}
export type Shown = keyof typeof SHOWN

/** Photos that look alike come together, where the first of them lies. */
export function shownOf(photos: TrayPhoto[], shown: Shown, choosing: Choosing | undefined): TrayPhoto[] {
  if (shown === 'KEPT') return photos.filter(({ aside }) => !aside)
  if (shown === 'ASIDE') return photos.filter(({ aside }) => aside)
  if (shown === 'BLURRED') return photos.filter(({ id }) => choosing?.blurred.has(id))
  if (shown === 'ALIKE')
    return (choosing?.groups ?? []).flatMap((group) =>
      group.flatMap((photo) => photos.filter(({ id }) => id === photo)),
    )
  return photos
}

/** All but the sharpest of each group of which none is the only one left: what can be set aside in one go. */
export const lesser = (photos: TrayPhoto[], choosing: Choosing): string[] => {
  const spare = new Set(choosing.groups.flatMap(([, ...others]) => others))
  return photos.filter(({ id, aside }) => !aside && spare.has(id)).map(({ entryId }) => entryId)
}
