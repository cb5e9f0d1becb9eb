import type { Grid, Problem } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { Button } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { recounted } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { CellSizes } from './CellSizes'
import { MarginFields } from './MarginFields'
import { Part } from '../Part'
import { TracksField } from './TracksField'

const MOST_CELLS = 40
const ORDERS: Record<Grid['order'], string> = { ROWS: 'along rows', COLUMNS: 'down columns', SNAKING: 'to and fro' }

/** Rows and columns: equal, of a share or of a fixed length each. */
export function GridPart({
  grid,
  send,
  about,
}: {
  grid: Grid
  send: (edit: WantedEdit) => Promise<Problem | null>
  /** What was wrong with one of these fields. */
  about: (...fields: string[]) => string | undefined
}) {
  const { piece, page } = useRoom()
  const { format } = piece
  const changeGrid = (change: (now: Grid) => Partial<Grid>) =>
    send(
      onPage(page.id, ({ arrangement: now }) =>
        now.kind === 'grid'
          ? { kind: 'setGrid', pageId: page.id, grid: { ...now, ...change(now) }, reflow: 'ASK' }
          : null,
      ),
    )
  const setGrid = (values: Partial<Grid>) => void changeGrid(() => values)
  return (
    <Part title="Grid">
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Rows"
          value={grid.rows}
          min={1}
          max={MOST_CELLS}
          onCommit={(rows) => void changeGrid((now) => recounted(now, rows, now.columns))}
        />
        <NumberField
          label="Columns"
          value={grid.columns}
          min={1}
          max={MOST_CELLS}
          onCommit={(columns) => void changeGrid((now) => recounted(now, now.rows, columns))}
        />
        <LengthField
          label="Gap across"
          value={grid.columnGap}
          format={format}
          wrong={about('columnGap')}
          onCommit={(columnGap) => setGrid({ columnGap })}
        />
        <LengthField
          label="Gap down"
          value={grid.rowGap}
          format={format}
          wrong={about('rowGap')}
          onCommit={(rowGap) => setGrid({ rowGap })}
        />
      </div>
      <MarginFields
        margins={grid.margins}
        wrong={about('margins')}
        onCommit={(change) => void changeGrid(({ margins }) => ({ margins: { ...margins, ...change } }))}
      />
      {!grid.cell && (
        <>
          <TracksField
            label="Column widths"
            tracks={grid.columnTracks}
            wrong={about('columnTracks')}
            onCommit={(columnTracks) =>
              void changeGrid((now) => ({
                ...recounted(now, now.rows, columnTracks?.length ?? now.columns),
                columnTracks,
              }))
            }
          />
          <TracksField
            label="Row heights"
            tracks={grid.rowTracks}
            wrong={about('rowTracks')}
            onCommit={(rowTracks) =>
              void changeGrid((now) => ({ ...recounted(now, rowTracks?.length ?? now.rows, now.columns), rowTracks }))
            }
          />
        </>
      )}
      <Choice
        label="Photos follow each other"
        options={ORDERS}
        value={grid.order}
        onChange={(order) => setGrid({ order })}
      />
      <CellSizes grid={grid} changeGrid={changeGrid} send={send} wrong={about('cell')} />
      {piece.pages.length > 1 && (
        <Button className="w-full" onClick={() => void send({ kind: 'setGridOfAll', grid, reflow: 'ASK' })}>
          Use this grid on all pages
        </Button>
      )}
    </Part>
  )
}
