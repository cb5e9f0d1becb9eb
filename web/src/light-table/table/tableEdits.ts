import type { OwnTable } from '../../api/client'
import type { WantedEdit } from '../../workroom/piece/usePiece'
import { pasted, rowsOf, startingTable, withCell } from './tableWords'

/** One cell with other words; the first one typed begins the table. */
export const writeCell =
  (entryId: string, column: number, value: string): WantedEdit =>
  ({ stored }) => {
    const entry = stored.entries.find(({ id }) => id === entryId)
    if (!entry) return null
    const row = { entryId, cells: withCell(entry.cells, column, value) }
    return stored.table ? { kind: 'writeRow', row } : { kind: 'setTable', table: startingTable(), rows: [row] }
  }

/** Columns or pattern as they are to be. */
export const changeTable =
  (change: (table: OwnTable) => OwnTable): WantedEdit =>
  ({ stored }) => ({
    kind: 'setTable',
    table: change(stored.table ?? startingTable()),
    rows: rowsOf(stored.entries),
  })

/** A column out of the table, with its cells. */
export const removeColumn =
  (column: number, narrowed: (table: OwnTable) => OwnTable): WantedEdit =>
  ({ stored }) => {
    const rows = rowsOf(stored.entries).map(({ entryId, cells }) => ({
      entryId,
      cells: cells.filter((_, index) => index !== column),
    }))
    return stored.table && { kind: 'setTable', table: narrowed(stored.table), rows }
  }

/** What was copied from a sheet, written from one cell on. */
export const pasteCells =
  (cells: string[][], from: { row: number; column: number }): WantedEdit =>
  ({ stored }) => {
    const table = stored.table ?? startingTable()
    return { kind: 'setTable', table, rows: pasted(stored.entries, cells, from, table.columns.length).rows }
  }

export const leaveTable: WantedEdit = { kind: 'setTable', rows: [] }
