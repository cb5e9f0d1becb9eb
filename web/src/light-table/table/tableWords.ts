import type { Entry, OwnTable } from '../../api/client'

const STARTING: OwnTable = { columns: ['name', 'price'], pattern: '{name} · {price}' }
const FURTHER = ['number', 'size', 'note']
const BETWEEN = ' · '
const LONGEST_PATTERN = 300

/** What a table that nobody has begun yet looks like. */
export const startingTable = () => STARTING

export const rowsOf = (entries: Entry[]) =>
  entries.filter(({ cells }) => cells.length > 0).map(({ id, cells }) => ({ entryId: id, cells }))

/** A row with another value in one of its columns. */
export function withCell(cells: string[], column: number, value: string): string[] {
  const row = [...cells]
  while (row.length <= column) row.push('')
  row[column] = value
  return row
}

const fieldOf = (column: string) => column.toLowerCase()

/** The pattern's pieces: texts at even places, fields with their braces at odd ones. Two braces are a brace, and text. */
const pieces = (pattern: string) => {
  const parts: string[] = ['']
  for (const [piece] of pattern.matchAll(/\{\{|\}\}|\{[^{}]*\}|[^{}]+|[{}]/g)) {
    if (/^\{[^{}]+\}$/.test(piece)) parts.push(piece, '')
    else parts[parts.length - 1] += piece
  }
  return parts
}

const isField = (piece: string, column: string) => piece.slice(1, -1).trim().toLowerCase() === fieldOf(column)

/** The table with a column under another name, also in its pattern. */
export function renamed({ columns, pattern }: OwnTable, at: number, name: string): OwnTable {
  const old = columns[at] ?? ''
  return {
    columns: columns.map((column, index) => (index === at ? name : column)),
    pattern: pieces(pattern)
      .map((piece, index) => (index % 2 === 1 && isField(piece, old) ? `{${fieldOf(name)}}` : piece))
      .join(''),
  }
}

/** The table with one column more, which its pattern shows at the end. */
export function widened({ columns, pattern }: OwnTable): OwnTable {
  const taken = new Set(columns.map(fieldOf))
  let name = FURTHER.find((one) => !taken.has(one))
  for (let number = columns.length + 1; !name; number++) {
    if (!taken.has(`column ${number}`)) name = `column ${number}`
  }
  const longer = pattern + (pattern === '' ? '' : BETWEEN) + `{${name}}`
  return { columns: [...columns, name], pattern: longer.length > LONGEST_PATTERN ? pattern : longer }
}

/** The table without a column; in its pattern the text goes, too, that parted it from the field before it, or after it. */
export function narrowed({ columns, pattern }: OwnTable, at: number): OwnTable {
  const parts = pieces(pattern)
  const gone = columns[at] ?? ''
  for (let index = parts.length - 2; index > 0; index -= 2) {
    if (!isField(parts[index] ?? '', gone)) continue
    if (index > 1) parts.splice(index - 1, 2)
    else if (parts.length > 3) parts.splice(index, 2)
    else parts.splice(0, 3, '')
  }
  return { columns: columns.filter((_, index) => index !== at), pattern: parts.join('') }
}

/** What was copied from a sheet, as rows of cells; nothing if it is one cell's text. */
export function pastedCells(text: string): string[][] | undefined {
  const lines = text.replace(/\r?\n$/, '').split(/\r?\n/)
  const rows = lines.map((line) => line.split('\t'))
  return rows.length > 1 || (rows[0] ?? []).length > 1 ? rows : undefined
}

/**
 * All rows with what was pasted written from one cell on to the right and down. What lies beyond the last column or photo is left out.
 *
 * @returns the rows, and how many cells found no place
 */
export function pasted(entries: Entry[], cells: string[][], from: { row: number; column: number }, columns: number) {
  let left = 0
  const rows = entries.map(({ id, cells: before }, index) => {
    let row = before
    ;(cells[index - from.row] ?? []).forEach((value, at) => {
      if (from.column + at < columns) row = withCell(row, from.column + at, value.trim())
    })
    return { entryId: id, cells: row }
  })
  cells.forEach((line, index) => {
    const here = from.row + index < entries.length ? Math.min(line.length, columns - from.column) : 0
    left += line.length - here
  })
  return { rows: rows.filter((row) => row.cells.length > 0), left }
}
