import { useQuery } from '@tanstack/react-query'
import { client, data, type MakeRequest } from '../../../api/client'

const photos = (count: number, one: string, several: string) =>
  count === 0 ? [] : [`${count} ${count === 1 ? one : several}`]

/** Says which photos go into a PDF as they came, and which are made anew and why. */
export function PassingWords({ piece, revision, request }: { piece: string; revision?: number; request: MakeRequest }) {
  const passing = useQuery({
    queryKey: ['passing', piece, revision, request],
    queryFn: () =>
      data(client.POST('/api/pieces/{piece}/makes/passing', { params: { path: { piece } }, body: request })),
    placeholderData: (before) => before,
    retry: false,
  })
  if (!passing.data) return null
  const { untouched, finer, changed, sharpened, otherKind } = passing.data
  const ways = [
    ...photos(untouched, 'goes in as it came', 'go in as they came'),
    ...photos(
      finer,
      'is made smaller: it is much finer than asked for',
      'are made smaller: they are much finer than asked for',
    ),
    ...photos(
      changed,
      'is made anew: its light or colour is changed',
      'are made anew: their light or colour is changed',
    ),
    ...photos(sharpened, 'is made anew, sharper', 'are made anew, sharper'),
    ...photos(otherKind, 'is made anew: it is no JPEG that prints', 'are made anew: they are no JPEGs that print'),
  ]
  if (ways.length === 0) return null
  return (
    <p role="status" className="text-[13px] leading-4 text-soft">
      Of the photos, {ways.join('; ')}.
    </p>
  )
}
