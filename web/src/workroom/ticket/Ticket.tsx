import type { Arrangement, Format, GridLines } from '../../api/client'
import { say, saySize } from '../../measure/units'
import { useRoom } from '../context'
import { FramesTicket } from './FramesTicket'
import { FrameTicket } from './FrameTicket'

/** In plain measures, what is selected: a frame, else the page. */
export function Ticket() {
  const { frame, frames, frameScene } = useRoom()
  return (
    <aside aria-label="Ticket" className="flex flex-col overflow-y-auto border-l border-line px-4 pb-4">
      {frame && frameScene ? (
        <FrameTicket key={frame.id} frame={frame} scene={frameScene} />
      ) : frames.length > 1 ? (
        <FramesTicket />
      ) : (
        <PageTicket />
      )}
    </aside>
  )
}

function arranged(arrangement: Arrangement, lines: GridLines | undefined, format: Format): [string, string][] {
  if (arrangement.kind === 'byHand') return [['Arrangement', 'none; frames lie freely']]
  if (arrangement.kind === 'scattered') return [['Scattered prints', `turned up to ${arrangement.recipe.mostTurn}°`]]
  if (arrangement.kind === 'slicing') {
    return [
      ['Cut to the photos', arrangement.whole ? 'photos whole' : 'margins filled'],
      ['Gaps', say(arrangement.gap, format)],
    ]
  }
  const { columns, rows, columnGap, rowGap } = arrangement
  return [
    ['Grid', `${columns} across, ${rows} down`],
    ['Each cell', lines ? saySize(lines.cellWidth, lines.cellHeight, format) : '…'],
    ['Gaps', columnGap === rowGap ? say(rowGap, format) : `${say(columnGap, format)}, ${say(rowGap, format)}`],
  ]
}

function PageTicket() {
  const { piece, page, scene } = useRoom()
  const { format } = piece
  const filled = page.frames.filter(({ entry }) => entry).length
  const rows: [string, string][] = [
    ['Finished size', saySize(format.width, format.height, format)],
    ['Bleed', format.bleed ? say(format.bleed, format) : 'none'],
    ...arranged(page.arrangement, scene?.grid, format),
    ['Photos', `${filled} of ${page.frames.length} frames`],
  ]
  return (
    <>
      <h2 className="pt-3 pb-2 text-base font-semibold">
        Page {piece.pages.findIndex(({ id }) => id === page.id) + 1} of {piece.pages.length}
      </h2>
      <dl>
        {rows.map(([name, value]) => (
          <div key={name} className="flex justify-between gap-3 border-t border-line py-1.5">
            <dt className="text-soft">{name}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 border-t border-line pt-3 text-[13px] leading-5 text-soft">
        Select a frame to set its crop and caption. Drag it onto another to swap. Press Enter or click twice to crop on
        the page. Hold Shift to select several.
      </p>
    </>
  )
}
