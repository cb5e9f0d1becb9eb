import { NameToKeep } from '../../fields/NameToKeep'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'

/** The look of one of these frames, kept as a new style that all of them wear. */
export function KeepStyle({ frames, like }: { frames: Frame[]; like: Frame }) {
  const { storedPage, handle } = useRoom()
  const keep = async (name: string) => {
    const others = frames.map(({ id }) => id).filter((id) => id !== like.id)
    const edit = {
      kind: 'keepStyle' as const,
      pageId: storedPage.id,
      frameIds: [like.id, ...others],
      style: crypto.randomUUID(),
      name,
    }
    return (await handle.edit(edit, { quiet: true }))?.message
  }
  return <NameToKeep label="Keep this look as a style" onKeep={keep} />
}
