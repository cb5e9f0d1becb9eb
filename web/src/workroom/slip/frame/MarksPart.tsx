import type { Marks } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { Part } from '../Part'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { onPage } from '../../piece/usePiece'

const TURNS: Record<Marks['turn'], string> = { ANY: 'anywhere', FIRST: 'first', LAST: 'last' }
const GROUPS = { 0: 'none', 1: 'group 1', 2: 'group 2', 3: 'group 3', 4: 'group 4' }

const NAMES = { larger: 'Larger', keepWhole: 'Keep whole', pinned: 'Pinned to this frame' }

/** What the person wants of this photo when the page is arranged anew. A frame that lies freely takes no part in proposals. */
export function MarksPart({ frame }: { frame: Frame }) {
  const { page, handle } = useRoom()
  const { marks } = frame
  const set = (change: Partial<Marks>) =>
    void handle.edit(
      onPage(page.id, ({ frames }) => {
        const now = frames.find(({ id }) => id === frame.id)?.marks
        const wanted = now && { kind: 'setMarks' as const, marks: { ...now, ...change } }
        return wanted ? { kind: 'patchItems', pageId: page.id, itemIds: [frame.id], change: wanted } : null
      }),
    )
  const box = (mark: 'larger' | 'keepWhole' | 'pinned') => (
    <label key={mark} className={`flex items-center gap-2 ${mark === 'pinned' ? 'col-span-2' : ''}`}>
      <input
        type="checkbox"
        className="size-4 accent-woad"
        checked={marks[mark]}
        onChange={(event) => set({ [mark]: event.target.checked })}
      />
      {NAMES[mark]}
    </label>
  )
  return (
    <Part title="When arranged anew" folded>
      <div className="grid grid-cols-2 gap-2">
        {box('pinned')}
        {!frame.spot && (
          <>
            {box('larger')}
            {box('keepWhole')}
            <Choice label="Its turn" options={TURNS} value={marks.turn} onChange={(turn) => set({ turn })} />
            <Choice
              label="Together with"
              options={GROUPS}
              value={`${marks.together}` as '0'}
              onChange={(group) => set({ together: Number(group) })}
            />
          </>
        )}
      </div>
    </Part>
  )
}
