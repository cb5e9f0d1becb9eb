import { useState } from 'react'
import { Field, inputLook } from '../../fields/Field'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { useFrameDoings } from '../frames/useFrameDoings'
import type { Frame } from '../piece/model'
import { StyleCards } from './StyleCards'

/** Which style these frames wear, and their look kept as a new one. */
export function WornStyle({ frames, like }: { frames: Frame[]; like: Frame }) {
  const { stored, storedPage, handle } = useRoom()
  const { patch } = useFrameDoings()
  const [name, setName] = useState('')
  const [wrong, setWrong] = useState<string>()
  const { styles } = stored
  const ids = frames.map(({ id }) => id)
  const wornBy = (id: string) =>
    storedPage.frames.filter((frame) => ids.includes(frame.id)).every(({ style }) => style.style === id)
  const keep = async () => {
    const order = [like.id, ...ids.filter((id) => id !== like.id)]
    const edit = {
      kind: 'keepStyle' as const,
      pageId: storedPage.id,
      frameIds: order,
      style: crypto.randomUUID(),
      name,
    }
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem?.message)
    if (!problem) setName('')
  }
  return (
    <>
      {styles.frames.length > 1 && (
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
      )}
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          void keep()
        }}
      >
        <div className="min-w-0 flex-1">
          <Field label="Keep this look as a style" wrong={wrong}>
            {(props) => (
              <input
                {...props}
                className={inputLook}
                value={name}
                placeholder="its name"
                onChange={(event) => setName(event.target.value)}
              />
            )}
          </Field>
        </div>
        <Button type="submit" disabled={name.trim() === ''}>
          Keep
        </Button>
      </form>
    </>
  )
}
