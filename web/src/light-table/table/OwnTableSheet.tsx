import { Columns3, X } from 'lucide-react'
import { memo, useCallback, useEffect, useRef } from 'react'
import { smallPicture, wordsOf } from '../../api/client'
import { TakenField } from '../../fields/TakenField'
import { Button, IconButton } from '../../ui/Button'
import { useNotice } from '../../ui/Notices'
import { OverBench } from '../../workroom/OverBench'
import { useRoom, useRoomNow } from '../../workroom/context'
import type { WantedEdit } from '../../workroom/piece/usePiece'
import { spelled } from '../../workroom/words/languages'
import { CellField } from './CellField'
import { changeTable, leaveTable, pasteCells, removeColumn, writeCell } from './tableEdits'
import { narrowed, pasted, pastedCells, renamed, startingTable, widened } from './tableWords'
import { useFilled } from './useFilled'

const MOST_COLUMNS = 50
const NO_CELLS: string[] = []

/** The field in the same column, rows further. */
function fieldBelow(field: HTMLInputElement, by: number) {
  const row = field.closest('tr')
  const rows = [...(field.closest('table')?.querySelectorAll('tr') ?? [])]
  const inRow = (other: Element | null | undefined) => [...(other?.querySelectorAll('input') ?? [])]
  return row ? inRow(rows[rows.indexOf(row) + by])[inRow(row).indexOf(field)] : undefined
}

function goOn(field: HTMLInputElement, by: 1 | -1) {
  const other = fieldBelow(field, by)
  if (!other) return field.blur()
  other.focus()
  other.scrollIntoView({ block: 'nearest' })
}

/** The person’s own table: a row for each photo, columns of any names, and words that are made of them. */
export function OwnTableSheet({ onClose }: { onClose: () => void }) {
  const { photos, stored, handle } = useRoom()
  const body = useRef<HTMLTableSectionElement>(null)
  const table = stored.table ?? startingTable()
  const { filled } = useFilled(table.pattern)
  const words = new Map(
    stored.table ? filled.data?.captions.map(({ entryId, caption }) => [entryId, caption] as const) : [],
  )
  const cells = new Map(stored.entries.map((entry) => [entry.id, entry.cells]))
  const { edit } = handle
  const send = useCallback(async (wanted: WantedEdit) => (await edit(wanted, { quiet: true }))?.message, [edit])
  const { lang, spellCheck } = spelled(stored.styles)
  useEffect(() => body.current?.querySelector('input')?.focus(), [])
  return (
    <OverBench title="Your own table" onClose={onClose}>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 pb-3">
        <div className="w-96 max-w-full">
          <TakenField
            label="How a row reads"
            value={table.pattern}
            wrong={stored.table && filled.isError ? wordsOf(filled.error) : undefined}
            onTake={(pattern) => send(changeTable((now) => ({ ...now, pattern })))}
          />
        </div>
        <Button disabled={table.columns.length >= MOST_COLUMNS} onClick={() => void handle.edit(changeTable(widened))}>
          <Columns3 size={16} /> Add a column
        </Button>
        <Button
          disabled={!stored.table}
          title="The words stay as they are"
          onClick={() => void handle.edit(leaveTable)}
        >
          Let the table go
        </Button>
      </div>
      <p className="pb-2 text-[13px] leading-4 text-soft">
        Words follow their row. What you write elsewhere stays until its row changes. Enter goes down; cells copied from
        a sheet can be put in anywhere.
      </p>
      <table className="border-collapse text-left">
        <thead>
          <tr>
            <th scope="col" colSpan={2} className="pr-3 pb-1 text-[13px] font-normal text-soft">
              Photo
            </th>
            {table.columns.map((column, index) => (
              <th key={index} scope="col" className="min-w-36 pr-2 pb-1 font-normal">
                <span className="flex">
                  <CellField
                    name={`Name of column ${index + 1}`}
                    className="font-semibold!"
                    value={column}
                    onTake={(name) => send(changeTable((now) => renamed(now, index, name)))}
                    onMove={goOn}
                  />
                  {table.columns.length > 1 && stored.table && (
                    <IconButton
                      name={`Take out the column ${column}`}
                      onClick={() => void handle.edit(removeColumn(index, (now) => narrowed(now, index)))}
                    >
                      <X size={14} />
                    </IconButton>
                  )}
                </span>
              </th>
            ))}
            <th scope="col" className="pb-1 pl-2 text-[13px] font-normal text-soft">
              Words
            </th>
          </tr>
        </thead>
        <tbody ref={body}>
          {photos.map((photo, index) => (
            <Row
              key={photo.entryId}
              {...{ index, lang, spellCheck }}
              entryId={photo.entryId}
              photoId={photo.id}
              fileName={photo.fileName}
              caption={photo.caption}
              columns={table.columns}
              cells={cells.get(photo.entryId) ?? NO_CELLS}
              made={words.get(photo.entryId)}
              send={send}
            />
          ))}
        </tbody>
      </table>
    </OverBench>
  )
}

interface RowProps {
  entryId: string
  photoId: string
  fileName: string
  caption: string
  index: number
  lang: string
  spellCheck: boolean
  columns: string[]
  cells: string[]
  /** What the table makes of the row; nothing if it has none. */
  made?: string
  send: (edit: WantedEdit) => Promise<string | undefined>
}

// A row is drawn anew only when something of it changes: there may be hundreds.
const Row = memo(function Row(props: RowProps) {
  const { entryId, photoId, fileName, caption, index, columns, cells, made, send, ...language } = props
  const now = useRoomNow()
  const notice = useNotice()
  const putIn = async (sheet: string[][], column: number) => {
    const from = { row: index, column }
    const { left } = pasted(now().stored.entries, sheet, from, columns.length)
    const problem = await now().handle.edit(pasteCells(sheet, from))
    if (!problem && left > 0) notice(`${left} ${left === 1 ? 'cell' : 'cells'} found no place in the table.`)
  }
  const byHand = made !== undefined && made !== caption
  return (
    <tr className="border-t border-line align-top">
      <td className="py-1 pr-2 text-right leading-8 text-soft">{index + 1}</td>
      <td className="py-1 pr-3">
        <img
          alt={fileName}
          title={fileName}
          loading="lazy"
          src={smallPicture(photoId)}
          className="h-8 w-14 object-contain object-left"
        />
      </td>
      {columns.map((column, at) => (
        <td key={at} className="py-1 pr-2">
          <CellField
            {...language}
            name={`${column} of photo ${index + 1}`}
            value={cells[at] ?? ''}
            onTake={(value) => send(writeCell(entryId, at, value))}
            onMove={goOn}
            onPaste={(event) => {
              const sheet = pastedCells(event.clipboardData.getData('text/plain'))
              if (!sheet) return
              event.preventDefault()
              void putIn(sheet, at)
            }}
          />
        </td>
      ))}
      <td className="max-w-80 min-w-40 py-1 pl-2 leading-8">
        <span className="flex items-center gap-2">
          <span className="truncate" title={caption}>
            {caption || <span className="text-soft">no words</span>}
          </span>
          {byHand && (
            <Button
              className="h-7! px-2! text-[13px] font-normal!"
              title={`By hand; the row says “${made}”`}
              onClick={() => void now().handle.edit({ kind: 'captionEntry', entryId, caption: made ?? '' })}
            >
              As in the row
            </Button>
          )}
        </span>
      </td>
    </tr>
  )
})
