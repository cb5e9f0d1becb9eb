import { expect, test } from 'vitest'
import type { Entry } from '../../api/client'
import { narrowed, pasted, pastedCells, renamed, startingTable, widened, withCell } from './tableWords'

const entry = (id: string, ...cells: string[]) => ({ id, cells }) as Entry

test('a column is renamed in the pattern, too, whatever its capitals; doubled braces stay text', () => {
  const table = { columns: ['Name', 'Price'], pattern: '{{name}} { NAME } · {price}' }
  expect(renamed(table, 0, 'Title')).toEqual({ columns: ['Title', 'Price'], pattern: '{{name}} {title} · {price}' })
  expect(renamed(table, 1, 'Cost').pattern).toBe('{{name}} { NAME } · {cost}')
})

test('a new column gets a free name and its place in the words', () => {
  const wider = widened(widened(widened(widened(startingTable()))))
  expect(wider.columns).toEqual(['name', 'price', 'number', 'size', 'note', 'column 6'])
  expect(wider.pattern).toBe('{name} · {price} · {number} · {size} · {note} · {column 6}')
})

test('a column that goes takes the text along that parted it', () => {
  const three = { columns: ['a', 'b', 'c'], pattern: 'No {a} · {b} – {c}.' }
  expect(narrowed(three, 0)).toEqual({ columns: ['b', 'c'], pattern: 'No {b} – {c}.' })
  expect(narrowed(three, 1).pattern).toBe('No {a} – {c}.')
  expect(narrowed(three, 2).pattern).toBe('No {a} · {b}.')
  expect(narrowed({ columns: ['a', 'b'], pattern: 'No {a}' }, 0).pattern).toBe('')
})

test('a sheet’s cells are written from one cell on; what has no place is counted', () => {
  expect(pastedCells('18 €')).toBeUndefined()
  const cells = pastedCells('Jug\t26 €\r\nVase\t44 €\t3\r\nLost\t1\r\n') ?? []
  expect(cells).toHaveLength(3)
  expect(pasted([entry('1', 'Bowl'), entry('2'), entry('3', 'x', 'y')], cells, { row: 1, column: 0 }, 2)).toEqual({
    rows: [
      { entryId: '1', cells: ['Bowl'] },
      { entryId: '2', cells: ['Jug', '26 €'] },
      { entryId: '3', cells: ['Vase', '44 €'] },
    ],
    left: 3,
  })
  expect(withCell(['a'], 2, 'c')).toEqual(['a', '', 'c'])
})
