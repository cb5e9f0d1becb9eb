import { useQuery } from '@tanstack/react-query'
import { FileDown, FileSpreadsheet, ListOrdered, X } from 'lucide-react'
import { useRef, useState } from 'react'
import { client, data, type FilledCaptions, wordsOf } from '../../../api/client'
import { Field, inputLook } from '../../../fields/Field'
import { CaptionList } from '../../../light-table/CaptionList'
import { Button, IconButton } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useRoom } from '../../context'
import { useSettled } from '../../view/useSettled'
import { Part } from '../Part'

/** What is known of each photo without a table. */
const FIELDS = ['{file}', '{date, d MMMM}', '{words}', '{number}']
const USUAL = '{file}'
const KEPT = 'wovenset.captionPattern'
const SAMPLES = 3
/** A table's columns that say which photo a row is about. */
const KEYS = ['file', 'photo', 'number']
const MOST_REFUSED = 5

const WHY: Record<FilledCaptions['refused'][number]['why'], (about: string) => string> = {
  NO_SUCH_PHOTO: (about) => `no photo is called “${about}”`,
  TWICE: (about) => `“${about}” stands further up already`,
  NO_PHOTO_LEFT: () => 'there is no photo left for it',
}

interface Table {
  name: string
  text: string
}

/** The words of many photos at once, by a pattern, from a table of the person's own, and out as a table. */
export function CaptionsPart() {
  const { piece, photos, handle } = useRoom()
  const [pattern, setPattern] = useState(() => localStorage.getItem(KEPT) ?? USUAL)
  const [table, setTable] = useState<Table>()
  const [done, setDone] = useState<string>()
  const [typing, setTyping] = useState(false)
  const field = useRef<HTMLInputElement>(null)
  const settled = useSettled(pattern)
  const filled = useQuery({
    queryKey: ['captions', piece.id, handle.open?.revision, settled, table],
    queryFn: () =>
      data(
        client.POST('/api/pieces/{id}/captions', {
          params: { path: { id: piece.id } },
          body: { pattern: settled, table: table?.text },
        }),
      ),
    placeholderData: (before) => before,
    retry: false,
  })
  const answer = filled.isError ? undefined : filled.data
  const captions = answer?.captions ?? []
  // What was typed just now is not filled in yet.
  const behind = settled !== pattern || filled.isPlaceholderData
  const wordless = new Set(photos.filter(({ caption }) => !caption).map(({ entryId }) => entryId))
  const forWordless = captions.filter(({ entryId }) => wordless.has(entryId))
  const columns = answer?.columns.filter((name) => !KEYS.includes(name)).map((name) => `{${name}}`) ?? []
  const insert = (what: string) => {
    const input = field.current
    const at = input?.selectionStart ?? pattern.length
    setPattern(pattern.slice(0, at) + what + pattern.slice(input?.selectionEnd ?? at))
    input?.focus()
  }
  const take = async (which: typeof captions) => {
    const problem = await handle.edit({ kind: 'captionEntries', captions: which })
    if (problem) return
    localStorage.setItem(KEPT, pattern)
    setDone(which.length === 1 ? '1 photo captioned.' : `${which.length} photos captioned.`)
  }
  const choose = async (file: File) => {
    const text = await file.text()
    setTable({ name: file.name, text })
    setDone(undefined)
    // What its columns say is most likely what is wanted.
    const names = (text.split(/\r?\n/)[0] ?? '')
      .replace(/^\uFEFF/, '')
      .split(/[,;\t]/)
      .map((name) => name.trim().replaceAll('"', '').toLowerCase())
      .filter((name) => name !== '' && !KEYS.includes(name))
    if (names.length > 0) setPattern(names.map((name) => `{${name}}`).join(' · '))
  }
  const samples = captions.slice(0, SAMPLES)
  return (
    <Part title="Captions of all photos" folded>
      <Button className="w-full" onClick={() => setTyping(true)}>
        <ListOrdered size={16} /> Type them one by one …
      </Button>
      {typing && <CaptionList onClose={() => setTyping(false)} />}
      <Field
        label="Each photo’s words"
        wrong={filled.isError ? wordsOf(filled.error) : undefined}
        hint="What is in braces is filled in for each photo."
      >
        {(ids) => (
          <input
            {...ids}
            ref={field}
            className={inputLook}
            value={pattern}
            spellCheck={false}
            onChange={(event) => {
              setPattern(event.target.value)
              setDone(undefined)
            }}
          />
        )}
      </Field>
      <div role="group" aria-label="Put in" className="flex flex-wrap gap-1">
        {[...FIELDS, ...columns].map((what) => (
          <Button key={what} className="h-8! px-1.5! text-[13px] font-normal!" onClick={() => insert(what)}>
            {what}
          </Button>
        ))}
      </div>
      {samples.length > 0 && (
        <ul aria-label="How the first ones will read" className="border-l-2 border-line pl-2 text-[13px] leading-5">
          {samples.map(({ entryId, caption }) => (
            <li key={entryId} className="truncate">
              {caption || <span className="text-soft">no words</span>}
            </li>
          ))}
        </ul>
      )}
      {table && (
        <div className="flex items-center justify-between gap-2 text-[13px]">
          <span className="truncate">
            From {table.name}: {captions.length} {captions.length === 1 ? 'photo' : 'photos'}
          </span>
          <IconButton
            name="Leave the table"
            onClick={() => {
              setTable(undefined)
              setPattern(USUAL)
            }}
          >
            <X size={16} />
          </IconButton>
        </div>
      )}
      {answer && answer.refused.length > 0 && (
        <ul
          aria-label="Rows that were left out"
          className="space-y-0.5 border-l-2 border-weld pl-2 text-[13px] leading-4"
        >
          {answer.refused.slice(0, MOST_REFUSED).map(({ line, about, why }) => (
            <li key={line}>
              Line {line}: {WHY[why](about)}
            </li>
          ))}
          {answer.refused.length > MOST_REFUSED && <li>and {answer.refused.length - MOST_REFUSED} more lines</li>}
        </ul>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button disabled={behind || captions.length === 0} onClick={() => void take(captions)}>
          Write all {captions.length}
        </Button>
        <Button
          disabled={behind || forWordless.length === 0 || forWordless.length === captions.length}
          title="Only those that have no words yet"
          onClick={() => void take(forWordless)}
        >
          Only {forWordless.length} empty
        </Button>
        <FileButton
          name="Table of words"
          accept=".csv,.tsv,.txt,text/csv"
          className="px-1!"
          onFile={(file) => void choose(file)}
        >
          <FileSpreadsheet size={16} /> From a table …
        </FileButton>
        <a
          className="inline-flex h-8 items-center justify-center gap-2 border border-edge bg-paper px-1 font-semibold hover:border-woad"
          href={`/api/pieces/${piece.id}/captions/file`}
        >
          <FileDown size={16} /> Out as a table
        </a>
      </div>
      {done && <p role="status">{done}</p>}
    </Part>
  )
}
