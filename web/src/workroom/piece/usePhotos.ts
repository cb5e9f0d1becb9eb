import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { client, data, type Entry } from '../../api/client'
import type { TrayPhoto } from '../context'

/** The piece's photos in the order of the light table. They are asked for again when one has come in. */
export function usePhotos(pieceId: string, entries: Entry[] | undefined): TrayPhoto[] {
  const files = useMemo(() => [...new Set(entries?.map(({ photo }) => photo))].toSorted().join(), [entries])
  const query = useQuery({
    queryKey: ['photos', pieceId, files],
    queryFn: () => data(client.GET('/api/pieces/{piece}/photos', { params: { path: { piece: pieceId } } })),
    enabled: entries !== undefined,
    placeholderData: (before) => before,
  })
  return useMemo(() => {
    const known = new Map(query.data?.map((photo) => [photo.id, photo]))
    return (entries ?? []).flatMap(({ id, photo, caption, aside, taken }) => {
      const file = known.get(photo)
      return file ? [{ ...file, takenAt: taken ?? file.takenAt, entryId: id, caption, aside }] : []
    })
  }, [entries, query.data])
}
