import { useState } from 'react'
import { Field, inputLook } from '../../../fields/Field'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { useTypefaces } from '../../words/useTypefaces'

/** A word whose letters become frames for photos. */
export function LettersForm() {
  const { storedPage, handle } = useRoom()
  const [word, setWord] = useState('')
  const [typeface, setTypeface] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  const typefaces = useTypefaces()
  const face = typeface ?? (typefaces[1] ?? typefaces[0])?.name ?? ''
  const make = async () => {
    const edit = { kind: 'addLetters' as const, pageId: storedPage.id, word, typeface: face }
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem?.message)
    if (!problem) setWord('')
  }
  return (
    <form
      className="space-y-2 pt-2"
      onSubmit={(event) => {
        event.preventDefault()
        void make()
      }}
    >
      <div className="grid grid-cols-2 gap-2">
        <Field label="A word of photos" wrong={wrong}>
          {(ids) => (
            <input
              {...ids}
              className={inputLook}
              value={word}
              placeholder="KITES"
              onChange={(event) => setWord(event.target.value)}
            />
          )}
        </Field>
        <TypefaceChoice label="Its letters" value={face} onChange={setTypeface} />
      </div>
      <Button type="submit" className="w-full" disabled={word.trim() === ''}>
        Make each letter a frame
      </Button>
    </form>
  )
}
