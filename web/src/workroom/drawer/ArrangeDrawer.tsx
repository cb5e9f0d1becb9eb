import { useQuery } from '@tanstack/react-query'
import { ArrowLeftRight } from 'lucide-react'
import { useState } from 'react'
import { client, data, type Edit, type Grid } from '../../api/client'
import { LengthField } from '../../measure/LengthField'
import { say, saySize } from '../../measure/units'
import { Button } from '../../ui/Button'
import { NumberField } from '../../ui/NumberField'
import { useRoom } from '../context'
import { usesOf } from '../selection'
import { Part } from './Part'
import { PhotoTray } from './PhotoTray'

const MOST_CELLS = 40

export function ArrangeDrawer() {
  const { piece, page, handle, photos } = useRoom()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const { format } = piece
  const { grid } = page
  const { margins } = grid
  const equalMargins = new Set(Object.values(margins)).size === 1
  const [fourMargins, setFourMargins] = useState(!equalMargins)
  const uses = usesOf(piece)
  const waiting = photos.filter(({ id }) => !uses.has(id)).length

  const send = async (edit: Edit) => {
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem && { field: problem.field, message: problem.message })
  }
  const setGrid = (change: Partial<Grid>) =>
    void send({ kind: 'setGrid', pageId: page.id, grid: { ...grid, ...change } })
  const about = (...fields: string[]) => (wrong && fields.includes(wrong.field ?? '') ? wrong.message : undefined)
  return (
    <>
      <Part title="Photos">
        <Button className="w-full" disabled={waiting === 0} onClick={() => void handle.edit({ kind: 'flowPhotos' })}>
          Flow {waiting} waiting into the frames
        </Button>
        <PhotoTray short />
      </Part>
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
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={!fourMargins}
            onChange={(event) => setFourMargins(!event.target.checked)}
          />
          One margin on all sides
        </label>
        {fourMargins ? (
          <div className="grid grid-cols-2 gap-2">
            {(['top', 'bottom', 'left', 'right'] as const).map((side) => (
              <LengthField
                key={side}
                label={`Margin ${side}`}
                value={margins[side]}
                format={format}
                onCommit={(length) => setGrid({ margins: { ...margins, [side]: length } })}
              />
            ))}
          </div>
        ) : (
          <LengthField
            label="Margin"
            value={margins.top}
            format={format}
            wrong={about('margins')}
            onCommit={(m) => setGrid({ margins: { top: m, right: m, bottom: m, left: m } })}
          />
        )}
        {fourMargins && about('margins') && (
          <p role="alert" className="text-[13px] text-madder">
            {about('margins')}
          </p>
        )}
        <CellSizes setGrid={setGrid} send={send} wrong={about('cell')} />
        {wrong && (
          <p role="alert" className="border-l-2 border-madder pl-2 text-[13px] leading-4">
            {wrong.message}
          </p>
        )}
        {piece.pages.length > 1 && (
          <Button className="w-full" onClick={() => void send({ kind: 'setGrid', grid })}>
            Use this grid on all pages
          </Button>
        )}
      </Part>
      <Part title="Page">
        <div className="grid grid-cols-[1fr_1fr_2rem] items-end gap-2">
          <LengthField
            label="Width"
            value={format.width}
            format={format}
            wrong={about('width')}
            onCommit={(width) => void send({ kind: 'setFormat', format: { ...format, width } })}
          />
          <LengthField
            label="Height"
            value={format.height}
            format={format}
            wrong={about('height')}
            onCommit={(height) => void send({ kind: 'setFormat', format: { ...format, height } })}
          />
          <button
            aria-label="Swap width and height"
            title="Swap width and height"
            className="flex size-8 items-center justify-center border border-line bg-paper hover:border-woad"
            onClick={() =>
              void send({ kind: 'setFormat', format: { ...format, width: format.height, height: format.width } })
            }
          >
            <ArrowLeftRight size={16} />
          </button>
        </div>
        <LengthField
          label="Bleed"
          value={format.bleed}
          format={format}
          wrong={about('bleed')}
          onCommit={(bleed) => void send({ kind: 'setFormat', format: { ...format, bleed } })}
        />
      </Part>
    </>
  )
}

/** Cells that fill the page, or of a fixed size; either way the sum is stated. */
function CellSizes({
  setGrid,
  send,
  wrong,
}: {
  setGrid: (change: Partial<Grid>) => void
  send: (edit: Edit) => Promise<void>
  wrong?: string
}) {
  const { piece, page } = useRoom()
  const { format } = piece
  const { grid } = page
  const { cell } = grid
  const sums = useQuery({
    queryKey: ['grid', format, grid],
    queryFn: () => data(client.POST('/api/measure/grid', { body: { format, grid } })),
    placeholderData: (before) => before,
  }).data
  const { cellWidth, cellHeight, leftOverX = 0, leftOverY = 0, pageWidth = 0, pageHeight = 0 } = sums ?? {}
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
