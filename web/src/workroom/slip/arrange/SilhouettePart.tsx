import { Shuffle } from 'lucide-react'
import type { Cutting, Edit, Figure, Silhouette } from '../../../api/client'
import { NumberField } from '../../../fields/NumberField'
import { OneOf } from '../../../fields/OneOf'
import { Slider } from '../../../fields/Slider'
import { LengthField } from '../../../measure/LengthField'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { arrangementEdit } from '../../piece/arrangement'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { Part } from '../Part'
import { FigureChoice } from './FigureChoice'
import { MarginsAndGrid } from './MarginsAndGrid'

/** Micrometres, by slider. */
const WIDEST = 15_000
const MOST_PIECES = 120
const MOST_LINES = 12

const WAYS: Record<Cutting['kind'], string> = { halves: 'Halves', cells: 'Cells', rows: 'Rows' }

/** About as many pieces, cut in another way. */
function cutIn(kind: Cutting['kind'], pieces: number, proportion: number): Cutting {
  if (kind !== 'rows') return { kind, pieces: Math.min(MOST_PIECES, pieces), seed: 1 }
  const columns = Math.max(1, Math.min(MOST_LINES, Math.round(Math.sqrt(pieces * proportion))))
  return { kind, columns, rows: Math.max(1, Math.min(MOST_LINES, Math.round(pieces / columns))) }
}

/** A silhouette that photos fill: which, how it is cut, and the gap between the pieces. */
export function SilhouettePart({
  silhouette,
  send,
  about,
}: {
  silhouette: Silhouette
  send: (edit: WantedEdit) => Promise<unknown>
  about: (...fields: string[]) => string | undefined
}) {
  const { piece, page, storedPage, handle } = useRoom()
  const { figure, cutting, gap, cells } = silhouette
  const changed = (now: typeof page, change: Partial<Silhouette>): Edit | null =>
    now.arrangement.kind === 'silhouette' ? arrangementEdit(now, { ...now.arrangement, ...change }) : null
  const set = (change: Partial<Silhouette>) => void send(onPage(page.id, (now) => changed(now, change)))
  const tryOut = (change: Partial<Silhouette> | null) => handle.preview(change && changed(storedPage, change))
  const cut = (now: Cutting) => set({ cutting: now })
  return (
    <Part title={`Silhouette: ${figure.name}, ${cells.length} pieces`}>
      <OneOf
        label="How it is cut"
        options={WAYS}
        value={cutting.kind}
        onChange={(kind) => cut(cutIn(kind, cells.length, figure.proportion))}
      />
      {cutting.kind === 'rows' ? (
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Columns"
            value={cutting.columns}
            min={1}
            max={MOST_LINES}
            onCommit={(columns) => cut({ ...cutting, columns })}
          />
          <NumberField
            label="Rows"
            value={cutting.rows}
            min={1}
            max={MOST_LINES}
            onCommit={(rows) => cut({ ...cutting, rows })}
          />
        </div>
      ) : (
        <div className="grid grid-cols-2 items-end gap-2">
          <NumberField
            label="Pieces"
            value={cutting.pieces}
            min={1}
            max={MOST_PIECES}
            onCommit={(pieces) => cut({ ...cutting, pieces })}
          />
          <Button onClick={() => cut({ ...cutting, seed: cutting.seed + 1 })}>
            <Shuffle size={16} /> Cut again
          </Button>
        </div>
      )}
      <div>
        <LengthField
          label="Gap"
          value={gap}
          format={piece.format}
          wrong={about('gap')}
          onCommit={(now) => set({ gap: now })}
        />
        <Slider
          label="Gap"
          value={gap}
          most={WIDEST}
          step={250}
          onPreview={(now) => tryOut({ gap: now })}
          onCommit={(now) => set({ gap: now })}
        />
      </div>
      <p className="border-t border-line pt-2">Another silhouette</p>
      <FigureChoice
        chosen={figure}
        onPick={(picked: Figure) => set({ figure: picked })}
        onTry={(tried) => tryOut(tried && { figure: tried })}
      />
      <MarginsAndGrid send={send} wrong={about('margins')} />
    </Part>
  )
}
