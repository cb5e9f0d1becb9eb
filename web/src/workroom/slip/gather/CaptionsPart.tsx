import { FileDown, FileSpreadsheet, ListOrdered, Table2, X } from 'lucide-react'
import { useRef, useState } from 'react'
import { type FilledCaptions, wordsOf } from '../../../api/client'
import { Field, inputLook } from '../../../fields/Field'
import { useDraft } from '../../../fields/useDraft'
import { CaptionList } from '../../../light-table/CaptionList'
import { OwnTableSheet } from '../../../light-table/table/OwnTableSheet'
import { useFilled } from '../../../light-table/table/useFilled'
import { Button, IconButton } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useRoom } from '../../context'
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

const fieldsOf = (pattern: string) =>
  [...pattern.matchAll(/\{([^{},]+)/g)].map(([, name = '']) => `{${name.trim().toLowerCase()}}`)

interface Table {
  name: string
  text: string
}

/** The words of many photos at once, by a pattern, from a table of the person's own, and out as a table. */
export function CaptionsPart() {
  const { piece, stored, photos, handle } = useRoom()
  const [pattern, setPattern] = useDraft(stored.table?.pattern ?? localStorage.getItem(KEPT) ?? USUAL)
  const [table, setTable] = useState<Table>()
  const [done, setDone] = useState<string>()
  const [typing, setTyping] = useState<'captions' | 'table'>()
  const field = useRef<HTMLInputElement>(null)
  const { filled, behind } = useFilled(pattern, table?.text)
  const answer = filled.isError ? undefined : filled.data
  const captions = answer?.captions ?? []
  const wordless = new Set(photos.filter(({ caption }) => !caption).map(({ entryId }) => entryId))
  const forWordless = captions.filter(({ entryId }) => wordless.has(entryId))
  const columns = answer?.columns.map((name) => `{${name.toLowerCase()}}`) ?? []
  const insert = (what: string) => {
    const input = field.current
    const at = input?.selectionStart ?? pattern.length
    setPattern(pattern.slice(0, at) + what + pattern.slice(input?.selectionEnd ?? at))
    input?.focus()
  }
  const take = async (which: typeof captions, whole: boolean) => {
    const batch = crypto.randomUUID()
    const keeps = whole && answer && (table || answer.fromTable)
    const problem = keeps
      ? await handle.edit(
          { kind: 'setTable', table: { columns: answer.columns, pattern }, rows: answer.rows },
          { batch },
        )
      : null
    if (problem ?? (await handle.edit({ kind: 'captionEntries', captions: which }, { batch }))) return
    if (keeps) setTable(undefined)
    else localStorage.setItem(KEPT, pattern)
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
    const known = new Set([...FIELDS, ...names.map((name) => `{${name}}`)].map((field) => field.replace(/,.*/, '}')))
    // A new table with the columns of the one before is filled in as that one was.
    if (stored.table && fieldsOf(stored.table.pattern).every((field) => known.has(field)))
      setPattern(stored.table.pattern)
    else if (names.length > 0) setPattern(names.map((name) => `{${name}}`).join(' · '))
  }
  const samples = captions.slice(0, SAMPLES)
  return (
    <Part title="Captions of all photos" folded>
      <Button className="w-full" onClick={() => setTyping('captions')}>
        <ListOrdered size={16} /> Type them one by one …
      </Button>
      <Button className="w-full" onClick={() => setTyping('table')}>
        <Table2 size={16} /> {stored.table ? 'Your own table …' : 'Type a table of your own …'}
      </Button>
      {typing === 'captions' && <CaptionList onClose={() => setTyping(undefined)} />}
      {typing === 'table' && <OwnTableSheet onClose={() => setTyping(undefined)} />}
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
              setPattern(stored.table?.pattern ?? USUAL)
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
        <Button disabled={behind || captions.length === 0} onClick={() => void take(captions, true)}>
          Write all {captions.length}
        </Button>
        <Button
          disabled={behind || forWordless.length === 0 || forWordless.length === captions.length}
          title="Only those that have no words yet"
          onClick={() => void take(forWordless, false)}
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
