import { useQuery } from '@tanstack/react-query'
import { client, data, type Theme, wordsOf } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { useTold } from '../useTold'

/** The looks that were kept, those that ship with measures for this piece, and what changes them. */
export function useThemes() {
  const { stored } = useRoom()
  const { width, height } = stored.format
  const notice = useNotice()
  const told = useTold('themes')
  const path = { id: stored.id }
  const { data: themes, error } = useQuery({
    queryKey: ['themes', stored.id, width, height],
    queryFn: () => data(client.GET('/api/pieces/{id}/themes', { params: { path } })),
  })
  return {
    kept: themes?.kept ?? [],
    shipped: themes?.shipped ?? [],
    wrong: error ? wordsOf(error) : undefined,
    /** Gives what kept it from being done. */
    keep: async (name: string): Promise<string | undefined> => {
      try {
        await data(client.POST('/api/pieces/{id}/themes', { params: { path }, body: { name } }))
      } catch (problem) {
        return wordsOf(problem)
      }
      await told(() => Promise.resolve(`“${name.trim()}” is kept now; every piece can look like it.`))
      return undefined
    },
    remove: (theme: Theme) =>
      told(async () => {
        await data(client.DELETE('/api/themes/{id}', { params: { path: { id: theme.id } } }))
        const again = () =>
          void told(async () => {
            await data(client.POST('/api/themes', { body: { theme } }))
            return undefined
          })
        notice(`“${theme.name}” is no longer kept. Pieces that look like it stay as they are.`, {
          action: { name: 'Undo', run: again },
        })
        return undefined
      }),
  }
}
