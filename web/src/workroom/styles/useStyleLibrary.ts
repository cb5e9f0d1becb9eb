import { useQuery } from '@tanstack/react-query'
import { client, data, type FrameStyle, wordsOf } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { useTold } from '../useTold'

/** The library of styles: those that were kept, and those that ship with measures for this piece; and what changes it. */
export function useStyleLibrary() {
  const { stored } = useRoom()
  const { width, height } = stored.format
  const notice = useNotice()
  const path = { id: stored.id }
  const { data: styles, error } = useQuery({
    queryKey: ['styles', stored.id, width, height],
    queryFn: () => data(client.GET('/api/pieces/{id}/styles', { params: { path } })),
  })
  const told = useTold('styles')
  const put = (style: FrameStyle) => data(client.POST('/api/styles', { body: { style } }))
  return {
    kept: styles?.kept ?? [],
    shipped: styles?.shipped ?? [],
    wrong: error ? wordsOf(error) : undefined,
    keep: (style: FrameStyle) =>
      told(async () => {
        await put(style)
        return `“${style.name}” is in the library now, for all pieces.`
      }),
    remove: (style: FrameStyle) =>
      told(async () => {
        await data(client.DELETE('/api/styles/{id}', { params: { path: { id: style.id } } }))
        const again = () =>
          void told(async () => {
            await put(style)
            return undefined
          })
        notice(`“${style.name}” is no longer in the library. Pieces that use it keep it.`, {
          action: { name: 'Undo', run: again },
        })
        return undefined
      }),
    bring: (file: File) =>
      told(async () => {
        const body = { text: await file.text() }
        try {
          const brought = await data(client.POST('/api/styles/import', { body }))
          return `The style “${brought.name}” was brought in.`
        } catch (problem) {
          throw new Error(`${file.name}: ${wordsOf(problem)}`, { cause: problem })
        }
      }),
  }
}
