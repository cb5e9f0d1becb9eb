import { useState } from 'react'
import { Button } from '../ui/Button'
import { Field, inputLook } from './Field'

interface Props {
  label: string
  /** Gives what kept it from being kept. */
  onKeep: (name: string) => Promise<string | undefined>
}

/** A name under which something is kept. */
export function NameToKeep({ label, onKeep }: Props) {
  const [name, setName] = useState('')
  const [wrong, setWrong] = useState<string>()
  const keep = async () => {
    const problem = await onKeep(name)
    setWrong(problem)
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
        <Field label={label} wrong={wrong}>
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
