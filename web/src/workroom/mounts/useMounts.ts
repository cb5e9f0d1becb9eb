import { useQuery } from '@tanstack/react-query'
import { client, data, type Item, type Mount } from '../../api/client'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'

/** The papers that ship, with measures that suit this piece. */
export function useShippedMounts(): Mount[] {
  const { stored } = useRoom()
  const { width, height } = stored.format
  const { data: mounts } = useQuery({
    queryKey: ['mounts', stored.id, width, height],
    queryFn: () => data(client.GET('/api/pieces/{id}/mounts', { params: { path: { id: stored.id } } })),
  })
  return mounts ?? []
}

/** The papers that all of these lie on together; nothing if there are none. */
export function mountOf(frames: Frame[], items: Item[], mounts: Mount[]): Mount | undefined {
  const group = frames[0]?.group
  if (!group || frames.some((frame) => frame.group !== group)) return undefined
  const holder = items.find(({ id }) => id === group)
  return holder?.kind === 'group' ? mounts.find(({ id }) => id === holder.mount) : undefined
}
