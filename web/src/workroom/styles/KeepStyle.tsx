import { useState } from 'react'
import { Field, inputLook } from '../../fields/Field'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'

/** The look of one of these frames, kept as a new style that all of them wear. */
export function KeepStyle({ frames, like }: { frames: Frame[]; like: Frame }) {
  const { storedPage, handle } = useRoom()
  const [name, setName] = useState('')
  const [wrong, setWrong] = useState<string>()
  const keep = async () => {
    const others = frames.map(({ id }) => id).filter((id) => id !== like.id)
    const edit = {
      kind: 'keepStyle' as const,
      pageId: storedPage.id,
      frameIds: [like.id, ...others],
      style: crypto.randomUUID(),
      name,
    }
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem?.message)
    if (!problem) setName('')
  }
  return (
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
  )
}
