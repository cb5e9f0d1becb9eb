import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Download, Trash2, Upload } from 'lucide-react'
import { type FormEvent, useRef, useState } from 'react'
import { client, data, type Edit, type PatternView, wordsOf } from '../../../api/client'
import { Button, IconButton } from '../../../ui/Button'
import { Field, inputLook } from '../../../fields/Field'
import { useNotice } from '../../../ui/Notices'
import { useRoom } from '../../context'
import { Part } from '../Part'

const KEY = ['patterns']

type PatternPart = Extract<Edit, { kind: 'applyPattern' }>['part']
const PARTS: Record<PatternPart, string> = {
  FRAMES: 'its frames',
  LOOK: 'its look, no sizes',
  BOTH: 'its frames and its look',
}

/** Pages without their photos: use one for this page, keep this page as one, take one along as a file. */
export function PatternsPart() {
  const { page, piece, handle } = useRoom()
  const queries = useQueryClient()
  const notice = useNotice()
  const [part, setPart] = useState<PatternPart>('FRAMES')
  const [name, setName] = useState('')
  const [wrong, setWrong] = useState<string>()
  const file = useRef<HTMLInputElement>(null)
  const patterns = useQuery({ queryKey: KEY, queryFn: () => data(client.GET('/api/patterns')) })
  const changed = () => queries.invalidateQueries({ queryKey: KEY })
  const use = async ({ pattern }: PatternView) => {
    await handle.edit({ kind: 'applyPattern', pageId: page.id, pattern, part, reflow: 'ASK' })
  }
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
  const bring = async (chosen: File | undefined) => {
    if (!chosen) return
    try {
      const brought = await data(client.POST('/api/patterns/import', { body: { text: await chosen.text() } }))
      notice(`The pattern “${brought.pattern.name}” was brought in.`)
      await changed()
    } catch (problem) {
      notice(`${chosen.name}: ${wordsOf(problem)}`, { tone: 'wrong' })
    }
    if (file.current) file.current.value = ''
  }
  const remove = async ({ id, pattern }: PatternView) => {
    try {
      await data(client.DELETE('/api/patterns/{id}', { params: { path: { id } } }))
      const again = () =>
        void data(client.POST('/api/patterns/import', { body: { text: fileOf(pattern) } })).then(changed)
      notice(`The pattern “${pattern.name}” is deleted.`, { action: { name: 'Undo', run: again } })
      await changed()
    } catch (problem) {
      notice(wordsOf(problem), { tone: 'wrong' })
    }
  }
  return (
    <Part title="Patterns" folded>
      <Field label="Use">
        {(ids) => (
          <select
            {...ids}
            className={inputLook}
            value={part}
            onChange={(event) => setPart(event.target.value as PatternPart)}
          >
            {Object.entries(PARTS).map(([one, name]) => (
              <option key={one} value={one}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {patterns.isPending && <p role="status">Fetching patterns …</p>}
      {patterns.error && <p role="alert">{wordsOf(patterns.error)}</p>}
      <ul aria-label="Patterns" className="grid grid-cols-2 gap-2">
        {patterns.data?.map((one) => (
          <li key={one.id} className="relative">
            <button
              type="button"
              aria-label={`Use ${one.pattern.name}, ${one.sketch.length} frames`}
              onClick={() => void use(one)}
              className="block w-full border border-line bg-paper p-1 text-left hover:border-woad"
            >
              <Sketch view={one} />
              <span className="block truncate px-0.5 pt-1 text-[13px] leading-4">{one.pattern.name}</span>
              <span className="block px-0.5 text-[13px] leading-4 text-soft">
                {one.sketch.length} {one.sketch.length === 1 ? 'frame' : 'frames'}
              </span>
            </button>
            <span className="absolute right-0 bottom-0 flex">
              <a
                href={`/api/patterns/${one.id}/file`}
                download
                aria-label={`Save ${one.pattern.name} as a file`}
                title="Save as a file"
                className="flex size-6 items-center justify-center hover:bg-wash"
              >
                <Download size={14} />
              </a>
              {!one.shipped && (
                <IconButton name={`Delete ${one.pattern.name}`} className="size-6!" onClick={() => void remove(one)}>
                  <Trash2 size={14} />
                </IconButton>
              )}
            </span>
          </li>
        ))}
      </ul>
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
      <input
        ref={file}
        type="file"
        accept=".json,application/json"
        className="sr-only"
        aria-label="Pattern file"
        tabIndex={-1}
        onChange={(event) => void bring(event.target.files?.[0])}
      />
      <Button className="w-full" onClick={() => file.current?.click()}>
        <Upload size={16} /> Bring one in from a file
      </Button>
    </Part>
  )
}

const fileOf = (pattern: PatternView['pattern']) => JSON.stringify({ wovenset: 'pattern', version: 2, pattern })

/** A pattern's frames on its page, as a small drawing. */
function Sketch({ view: { pattern, sketch } }: { view: PatternView }) {
  const [width, height] = [pattern.width / 1000, pattern.height / 1000]
  return (
    <span className="flex h-20 items-center justify-center bg-mat p-1.5">
      <svg
        aria-hidden
        viewBox={`0 0 ${width} ${height}`}
        className="max-h-full max-w-full"
        style={{ aspectRatio: width / height }}
      >
        <rect width={width} height={height} fill={pattern.styles.ground.colour} />
        {sketch.map(({ box, turnDegrees }, index) => (
          <rect
            key={index}
            x={box.x}
            y={box.y}
            width={box.width}
            height={box.height}
            transform={`rotate(${turnDegrees} ${box.x + box.width / 2} ${box.y + box.height / 2})`}
            fill="#93a4bf"
            stroke="#fffdf8"
            strokeWidth={width / 160}
          />
        ))}
      </svg>
    </span>
  )
}
