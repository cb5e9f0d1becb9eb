import { useRoom } from '../context'
import { useFrameDoings } from '../frames/useFrameDoings'
import type { Frame } from '../piece/model'
import { StyleCards } from './StyleCards'

/** Which style these frames wear, where there are several: shown on one of them, and on the bench while it is looked at. */
export function WornStyle({ frames, like }: { frames: Frame[]; like: Frame }) {
  const { stored, storedPage, handle } = useRoom()
  const { patch } = useFrameDoings()
  const { styles } = stored
  const ids = frames.map(({ id }) => id)
  const wornBy = (id: string) =>
    storedPage.frames.filter((frame) => ids.includes(frame.id)).every(({ style }) => style.style === id)
  if (styles.frames.length < 2) return null
  return (
    <StyleCards
      label="Style worn"
      styles={styles.frames}
      frameId={like.id}
      pressed={({ id }) => wornBy(id)}
      note={({ id }) => (wornBy(id) ? 'worn' : 'put on')}
      onPick={({ id }) => patch({ kind: 'wearStyle', style: id })}
      onTry={(style) =>
        handle.preview(
          style && {
            kind: 'patchItems',
            pageId: storedPage.id,
            itemIds: ids,
            change: { kind: 'wearStyle', style: style.id },
          },
        )
      }
    />
  )
}
