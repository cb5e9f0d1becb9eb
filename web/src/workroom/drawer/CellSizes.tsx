import { useQuery } from '@tanstack/react-query'
import { client, data, type Grid } from '../../api/client'
import { LengthField, lengthsTaken } from '../../measure/LengthField'
import { say, saySize } from '../../measure/units'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import type { WantedEdit } from '../usePiece'

/** Cells that fill the page, or of a fixed size; either way the sum is stated. */
export function CellSizes({
  grid,
  setGrid,
  send,
  wrong,
}: {
  grid: Grid
  setGrid: (change: Partial<Grid>) => void
  send: (edit: WantedEdit) => Promise<void>
  wrong?: string
}) {
  const { piece, page } = useRoom()
  const { format } = piece
  const { cell } = grid
  const sums = useQuery({
    queryKey: ['grid', format, grid],
    queryFn: () => data(client.POST('/api/measure/grid', { body: { format, grid } })),
    placeholderData: (before) => before,
  }).data
  const { cellWidth, cellHeight, leftOverX = 0, leftOverY = 0, pageWidth = 0, pageHeight = 0 } = sums ?? {}
  const fill = async (mayTurn: boolean) => {
    if (!(await lengthsTaken())) return
    await send(({ stored }) => {
      const now = stored.pages.find(({ id }) => id === page.id)?.arrangement
      return now?.kind === 'grid' ? { kind: 'fillWithCells', pageId: page.id, grid: now, mayTurn } : null
    })
  }
  return (
    <>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-woad"
          checked={cell !== undefined}
          onChange={(event) =>
            setGrid({
              cell:
                event.target.checked && cellWidth && cellHeight
                  ? { width: cellWidth - (cellWidth % 1000), height: cellHeight - (cellHeight % 1000) }
                  : undefined,
            })
          }
        />
        Cells of a fixed size
      </label>
      {cell && (
        <div className="grid grid-cols-2 gap-2">
          <LengthField
            label="Cell width"
            value={cell.width}
            format={format}
            wrong={wrong}
            onCommit={(width) => setGrid({ cell: { ...cell, width } })}
          />
          <LengthField
            label="Cell height"
            value={cell.height}
            format={format}
            onCommit={(height) => setGrid({ cell: { ...cell, height } })}
          />
        </div>
      )}
      {cellWidth !== undefined && cellHeight !== undefined && (
        <p className="text-[13px] leading-4 text-soft">
          {grid.columns * grid.rows} cells of {saySize(cellWidth, cellHeight, format)}.{' '}
          {leftOverX || leftOverY
            ? `Left over: ${say(leftOverX, format)} across, ${say(leftOverY, format)} down.`
            : 'Nothing is left over.'}
        </p>
      )}
      {cell && (
        <div className="grid grid-cols-2 gap-2">
          <Button className="px-1" onClick={() => void fill(false)}>
            As many as fit
          </Button>
          <Button className="px-1" onClick={() => void fill(true)}>
            … or turned
          </Button>
        </div>
      )}
      {cell && (leftOverX !== 0 || leftOverY !== 0) && (
        <Button
          className="h-auto w-full py-1 whitespace-normal"
          onClick={() => void send({ kind: 'sizeFromCells', pageId: page.id, grid })}
        >
          Make the page {saySize(pageWidth, pageHeight, format)}
        </Button>
      )}
    </>
  )
}
