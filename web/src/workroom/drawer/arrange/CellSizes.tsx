import { useRef, useState } from 'react'
import type { Grid, Problem } from '../../../api/client'
import { LengthField, lengthsTaken } from '../../../measure/LengthField'
import { say, saySize } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { Wrong } from '../../../ui/Wrong'
import { useRoom } from '../../context'
import { slotted } from '../../piece/model'
import { onPage, type WantedEdit } from '../../piece/usePiece'

type Size = NonNullable<Grid['cell']>

/** Cells that fill the page, or of a fixed size; either way the sum is stated. */
export function CellSizes({
  grid,
  changeGrid,
  send,
  wrong,
}: {
  grid: Grid
  changeGrid: (change: (now: Grid) => Partial<Grid>) => Promise<Problem | null>
  send: (edit: WantedEdit) => Promise<Problem | null>
  wrong?: string
}) {
  const { piece, page, scene } = useRoom()
  const { format } = piece
  const { cell } = grid
  const sums = scene?.grid
  const places = new Set(slotted(page).map(({ id }) => id))
  const { cellWidth, cellHeight, leftOverX = 0, leftOverY = 0, pageWidth = 0, pageHeight = 0 } = sums ?? {}
  // What has room in every cell beside its words and borders, in whole millimetres.
  const boxes = scene?.frames.filter(({ frameId }) => places.has(frameId)).map(({ box }) => box) ?? []
  const least = (sides: number[]) => Math.max(1, Math.floor(Math.min(...sides) + 0.001)) * 1000
  const smallest = boxes.length
    ? { width: least(boxes.map((box) => box.width)), height: least(boxes.map((box) => box.height)) }
    : undefined
  // A size that the present rows and columns have no room for stays in the fields, so that as many as fit can be asked for.
  const [asked, showAsked] = useState<Size | null>(null)
  const latest = useRef<Size | null>(null)
  const setAsked = (size: Size | null) => {
    latest.current = size
    showAsked(size)
  }
  const size = asked ?? cell
  const setSize = async (change: Partial<Size>) => {
    let wanted: Size | null = null
    const problem = await changeGrid(({ cell: now }) => {
      const before = latest.current ?? now
      wanted = before ? { ...before, ...change } : null
      return wanted ? { cell: wanted } : {}
    })
    setAsked(problem ? wanted : null)
  }
  const fill = async (mayTurn: boolean) => {
    if (!(await lengthsTaken())) return
    const problem = await send(
      onPage(page.id, ({ arrangement: now }) =>
        now.kind === 'grid'
          ? {
              kind: 'fillWithCells',
              pageId: page.id,
              grid: { ...now, cell: latest.current ?? now.cell },
              mayTurn,
              reflow: 'ASK',
            }
          : null,
      ),
    )
    if (!problem) setAsked(null)
  }
  return (
    <>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-woad"
          checked={cell !== undefined}
          onChange={(event) => {
            setAsked(null)
            // Read now: the box is set back before the edits ahead of this one are through.
            const fixed = event.target.checked ? smallest : undefined
            void changeGrid(() => ({ cell: fixed }))
          }}
        />
        Cells of a fixed size
      </label>
      {size && (
        <div className="grid grid-cols-2 gap-2">
          <LengthField
            label="Cell width"
            value={size.width}
            format={format}
            onCommit={(width) => void setSize({ width })}
          />
          <LengthField
            label="Cell height"
            value={size.height}
            format={format}
            onCommit={(height) => void setSize({ height })}
          />
        </div>
      )}
      {size && wrong && <Wrong>{wrong}</Wrong>}
      {!asked && cellWidth !== undefined && cellHeight !== undefined && (
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
      {cell && !asked && (leftOverX !== 0 || leftOverY !== 0) && (
        <Button
          className="h-auto w-full py-1 whitespace-normal"
          onClick={() => void send({ kind: 'sizeFromCells', pageId: page.id, grid, reflow: 'ASK' })}
        >
          Make the page {saySize(pageWidth, pageHeight, format)}
        </Button>
      )}
    </>
  )
}
