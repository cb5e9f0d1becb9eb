import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Upload } from 'lucide-react'
import { type FormEvent, useState } from 'react'
import { client, data, type PatternView, wordsOf } from '../../api/client'
import { Button } from '../../ui/Button'
import { FileButton } from '../../ui/FileButton'
import { Choice } from '../../fields/Choice'
import { Field, inputLook } from '../../fields/Field'
import { useNotice } from '../../ui/Notices'
import { useRoom } from '../context'
import { Part } from '../slip/Part'
import { PatternList, type PatternPart } from './PatternList'

const KEY = ['patterns']

const PARTS: Record<PatternPart, string> = {
  FRAMES: 'its frames',
  LOOK: 'its look, no sizes',
  BOTH: 'its frames and its look',
}

/** Pages without their photos: use one for this page, keep this page as one, take one along as a file. */
export function PatternsPart() {
  const { page, piece } = useRoom()
  const queries = useQueryClient()
  const notice = useNotice()
  const [part, setPart] = useState<PatternPart>('FRAMES')
  const [name, setName] = useState('')
  const [wrong, setWrong] = useState<string>()
  const patterns = useQuery({ queryKey: KEY, queryFn: () => data(client.GET('/api/patterns')) })
  const changed = () => queries.invalidateQueries({ queryKey: KEY })
  const keep = async (event: FormEvent) => {
    event.preventDefault()
    try {
      await data(client.POST('/api/patterns', { body: { pieceId: piece.id, pageId: page.id, name } }))
      setName('')
      setWrong(undefined)
      notice(`“${name.trim()}” is kept as a pattern.`)
      await changed()
    } catch (problem) {
      setWrong(wordsOf(problem))
    }
  }
  const bring = async (chosen: File) => {
    try {
      const brought = await data(client.POST('/api/patterns/import', { body: { text: await chosen.text() } }))
      notice(`The pattern “${brought.pattern.name}” was brought in.`)
      await changed()
    } catch (problem) {
      notice(`${chosen.name}: ${wordsOf(problem)}`, { tone: 'wrong' })
    }
  }
  const remove = async ({ id, pattern }: PatternView) => {
    try {
      const text = await data(client.GET('/api/patterns/{id}/file', { params: { path: { id } }, parseAs: 'text' }))
      await data(client.DELETE('/api/patterns/{id}', { params: { path: { id } } }))
      const again = () => void data(client.POST('/api/patterns/import', { body: { text } })).then(changed)
      notice(`The pattern “${pattern.name}” is deleted.`, { action: { name: 'Undo', run: again } })
      await changed()
    } catch (problem) {
      notice(wordsOf(problem), { tone: 'wrong' })
    }
  }
  return (
    <Part title="Patterns" folded>
      <Choice label="Use" options={PARTS} value={part} onChange={setPart} />
      {patterns.isPending && <p role="status">Fetching patterns …</p>}
      {patterns.error && <p role="alert">{wordsOf(patterns.error)}</p>}
      {patterns.data && <PatternList patterns={patterns.data} part={part} onRemove={(one) => void remove(one)} />}
      <form onSubmit={(event) => void keep(event)} className="space-y-2">
        <Field label="Name" wrong={wrong}>
          {(ids) => (
            <input {...ids} className={inputLook} value={name} onChange={(event) => setName(event.target.value)} />
          )}
        </Field>
        <Button type="submit" className="w-full" disabled={name.trim() === ''}>
          Keep it
        </Button>
      </form>
      <FileButton
        name="Pattern file"
        accept=".json,application/json"
        className="w-full"
        onFile={(chosen) => void bring(chosen)}
      >
        <Upload size={16} /> Bring one in from a file
      </FileButton>
    </Part>
  )
}
