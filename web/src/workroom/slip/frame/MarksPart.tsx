import type { Marks } from '../../../api/client'
import { Field, inputLook } from '../../../ui/Field'
import { Part } from '../Part'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { onPage } from '../../piece/usePiece'

const TURNS: Record<Marks['turn'], string> = { ANY: 'anywhere', FIRST: 'first', LAST: 'last' }
const GROUPS = [1, 2, 3, 4]

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
            <Field label="Its turn">
              {(ids) => (
                <select
                  {...ids}
                  className={inputLook}
                  value={marks.turn}
                  onChange={(event) => set({ turn: event.target.value as Marks['turn'] })}
                >
                  {Object.entries(TURNS).map(([turn, name]) => (
                    <option key={turn} value={turn}>
                      {name}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            <Field label="Together with">
              {(ids) => (
                <select
                  {...ids}
                  className={inputLook}
                  value={marks.together}
                  onChange={(event) => set({ together: Number(event.target.value) })}
                >
                  <option value={0}>none</option>
                  {GROUPS.map((group) => (
                    <option key={group} value={group}>
                      group {group}
                    </option>
                  ))}
                </select>
              )}
            </Field>
          </>
        )}
      </div>
    </Part>
  )
}
