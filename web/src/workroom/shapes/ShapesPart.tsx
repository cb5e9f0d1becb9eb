import { Minus, Square } from 'lucide-react'
import type { Edit } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { Part } from '../slip/Part'
import { useAdding } from '../useAdding'

/** Boxes and lines to put on the page. */
export function ShapesPart() {
  const { stored, storedPage, select } = useRoom()
  const adding = useAdding()
  const { captions } = stored.styles
  const add = async (edit: Edit) => {
    const added = await adding(edit)
    if (added) select({ kind: 'frame', pageId: storedPage.id, frameId: added.id })
  }
  const shorter = Math.min(stored.format.width, stored.format.height)
  const thickness = Math.max(300, Math.round(shorter / 300 / 100) * 100)
  return (
    <Part title="Boxes and lines">
      <div className="grid grid-cols-2 gap-2">
        <Button
          className="px-1!"
          onClick={() =>
            void add({ kind: 'addBox', pageId: storedPage.id, paint: { kind: 'solid', colour: '#e5dac2' } })
          }
        >
          <Square size={16} /> A box
        </Button>
        <Button
          className="px-1!"
          onClick={() =>
            void add({
              kind: 'addRule',
              pageId: storedPage.id,
              rule: { colour: captions.colour, thickness, stroke: 'PLAIN' },
            })
          }
        >
          <Minus size={16} /> A line
        </Button>
      </div>
    </Part>
  )
}
