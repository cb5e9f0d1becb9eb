import { StretchHorizontal, StretchVertical } from 'lucide-react'
import { useState } from 'react'
import type { Edit } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { inputLook } from '../../../fields/Field'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'

type LineUp = Extract<Edit, { kind: 'lineUpItems' }>

/** In two rows: across, and down. */
const EDGES: [edge: LineUp['edge'], word: string, name: string][] = [
  ['LEFT', 'left', 'Line up left edges'],
  ['CENTRE', 'centre', 'Line up centres across'],
  ['RIGHT', 'right', 'Line up right edges'],
  ['TOP', 'top', 'Line up top edges'],
  ['MIDDLE', 'middle', 'Line up middles'],
  ['BOTTOM', 'bottom', 'Line up bottom edges'],
]
const FEWEST_FOR_GAPS = 3

/** Lines frames up to each other, to the page or to its margins, and makes the gaps between them even. */
export function LineUpPart({ frames }: { frames: Frame[] }) {
  const { page, handle } = useRoom()
  const [wanted, setTo] = useState<LineUp['to']>('EACH_OTHER')
  const to = frames.length === 1 && wanted === 'EACH_OTHER' ? 'PAGE' : wanted
  const itemIds = frames.map(({ id }) => id)
  return (
    <div className="mt-2">
      <label className="flex items-center gap-2 text-[13px] text-soft">
        <span className="shrink-0">Line up to</span>
        <select
          aria-label="Line up to"
          className={inputLook}
          value={to}
          onChange={(event) => setTo(event.target.value as LineUp['to'])}
        >
          {frames.length > 1 && <option value="EACH_OTHER">each other</option>}
          <option value="PAGE">the page</option>
          <option value="MARGINS">the margins</option>
        </select>
      </label>
      <div className="mt-2 grid grid-cols-3 gap-1">
        {EDGES.map(([edge, word, name]) => (
          <Button
            key={edge}
            aria-label={name}
            className="px-0! font-normal!"
            onClick={() => void handle.edit({ kind: 'lineUpItems', pageId: page.id, itemIds, edge, to })}
          >
            {word}
          </Button>
        ))}
      </div>
      {frames.length >= FEWEST_FOR_GAPS && (
        <div className="mt-1 grid grid-cols-2 gap-2">
          {[true, false].map((across) => (
            <button
              key={String(across)}
              type="button"
              onClick={() => void handle.edit({ kind: 'evenGaps', pageId: page.id, itemIds, across })}
              className="flex h-8 items-center justify-center gap-1.5 border border-line bg-paper text-[13px] hover:border-woad"
            >
              {across ? <StretchHorizontal size={16} /> : <StretchVertical size={16} />}
              {across ? 'Even across' : 'Even down'}
            </button>
          ))}
        </div>
      )}
    </div>
  )
}
