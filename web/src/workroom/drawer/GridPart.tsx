import type { Edit, Grid } from '../../api/client'
import { LengthField } from '../../measure/LengthField'
import { Button } from '../../ui/Button'
import { NumberField } from '../../ui/NumberField'
import { useRoom } from '../context'
import { CellSizes } from './CellSizes'
import { MarginFields } from './MarginFields'
import { Part } from './Part'

const MOST_CELLS = 40

/** Rows and columns of equal cells. */
export function GridPart({
  grid,
  send,
  about,
}: {
  grid: Grid
  send: (edit: Edit) => Promise<void>
  /** What was wrong with one of these fields. */
  about: (...fields: string[]) => string | undefined
}) {
  const { piece, page } = useRoom()
  const { format } = piece
  const setGrid = (change: Partial<Grid>) =>
    void send({ kind: 'setGrid', pageId: page.id, grid: { ...grid, ...change } })
  return (
    <Part title="Grid">
      <div className="grid grid-cols-2 gap-2">
        <NumberField label="Rows" value={grid.rows} min={1} max={MOST_CELLS} onCommit={(rows) => setGrid({ rows })} />
        <NumberField
          label="Columns"
          value={grid.columns}
          min={1}
          max={MOST_CELLS}
          onCommit={(columns) => setGrid({ columns })}
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
      <MarginFields margins={grid.margins} wrong={about('margins')} onCommit={(margins) => setGrid({ margins })} />
      <CellSizes grid={grid} setGrid={setGrid} send={send} wrong={about('cell')} />
      {piece.pages.length > 1 && (
        <Button className="w-full" onClick={() => void send({ kind: 'setGrid', grid })}>
          Use this grid on all pages
        </Button>
      )}
    </Part>
  )
}
