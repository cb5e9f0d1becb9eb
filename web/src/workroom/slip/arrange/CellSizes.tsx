import { useEffect, useRef, useState } from 'react'
import type { Grid, Problem } from '../../../api/client'
import { allTaken } from '../../../fields/taking'
import { LengthField } from '../../../measure/LengthField'
import { say, saySize } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { slotted } from '../../piece/model'
import { onPage, type WantedEdit } from '../../piece/usePiece'

type Size = NonNullable<Grid['cell']>

/** How large a page is that these cells, gaps and margins fill to the edge. */
function pageOf({ rows, columns, margins, columnGap, rowGap }: Grid, cell: Size): Size {
  return {
    width: margins.left + columns * cell.width + (columns - 1) * columnGap + margins.right,
    height: margins.top + rows * cell.height + (rows - 1) * rowGap + margins.bottom,
  }
}

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
  const { leftOverX = 0, leftOverY = 0 } = sums ?? {}
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
  // What stood in the way may be gone: another page, other margins, other counts.
  const room = [format.width, format.height, grid.rows, grid.columns, grid.columnGap, grid.rowGap].join()
  const tried = useRef(room)
  useEffect(() => {
    if (tried.current !== room && latest.current) void setSize({})
    tried.current = room
  }) // Whenever it is drawn: what is sent follows from the latest grid.
  const fill = async () => {
    if (!(await allTaken())) return
    const problem = await send(
      onPage(page.id, ({ arrangement: now }) =>
        now.kind === 'grid'
          ? {
              kind: 'fillWithCells',
              pageId: page.id,
              grid: { ...now, cell: latest.current ?? now.cell },
              mayTurn: true,
              reflow: 'ASK',
            }
          : null,
      ),
    )
    if (!problem) setAsked(null)
  }
  const whole = size && pageOf(grid, size)
  const fits = whole && !asked && leftOverX === 0 && leftOverY === 0
  return (
    <>
      <label className="flex min-h-8 items-center gap-2">
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
            again={asked !== null}
            onCommit={(width) => void setSize({ width })}
          />
          <LengthField
            label="Cell height"
            value={size.height}
            format={format}
            again={asked !== null}
            onCommit={(height) => void setSize({ height })}
          />
        </div>
      )}
      {size && wrong && <Wrong>{wrong}</Wrong>}
      {!asked && <p className="text-[13px] leading-4 text-soft">{saidOf(grid, sums, format)}</p>}
      {size && (
        <Button className="w-full" onClick={() => void fill()}>
          As many as fit, this way or turned
        </Button>
      )}
      {whole && !fits && (
        <Button
          className="h-auto w-full py-1 whitespace-normal"
          onClick={() =>
            void send(
              onPage(page.id, ({ arrangement: now }) =>
                now.kind === 'grid'
                  ? {
                      kind: 'sizeFromCells',
                      pageId: page.id,
                      grid: { ...now, cell: latest.current ?? now.cell },
                      reflow: 'ASK',
                    }
                  : null,
              ),
            ).then((problem) => !problem && setAsked(null))
          }
        >
          Make the page {saySize(whole.width, whole.height, format)}
        </Button>
      )}
    </>
  )
}

type Sums = NonNullable<NonNullable<ReturnType<typeof useRoom>['scene']>['grid']>

function saidOf(grid: Grid, sums: Sums | undefined, format: Parameters<typeof say>[1]): string {
  if (!sums) return ''
  const count = grid.columns * grid.rows
  const cells = count === 1 ? '1 cell' : `${count} cells`
  const over =
    sums.leftOverX || sums.leftOverY
      ? ` Left over: ${say(sums.leftOverX, format)} across, ${say(sums.leftOverY, format)} down.`
      : ' Nothing is left over.'
  const unequal = [grid.columnTracks && 'widths', grid.rowTracks && 'heights'].filter(Boolean).join(' and ')
  if (unequal) return `${cells} of different ${unequal}.${over}`
  return `${cells} of ${saySize(sums.cellWidth, sums.cellHeight, format)}.${over}`
}
