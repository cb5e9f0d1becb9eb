import { useState } from 'react'
import type { Edit, Figure } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { gapOf } from '../piece/arrangement'
import { FigureChoice } from '../slip/arrange/FigureChoice'

/** Of the page's shorter side, the margin that a silhouette has at least. */
const LEAST_MARGIN = 0.05
const FEWEST = 12
const MOST = 120

/** Makes the page a silhouette of its photos and those that wait; which one is chosen on the bench. */
export function CutSilhouette({ order, waiting }: { order: string[]; waiting: number }) {
  const { storedPage: page, stored, handle } = useRoom()
  const [open, setOpen] = useState(false)
  const photos = order.length + waiting
  const edit = (figure: Figure): Edit => {
    const least = Math.round(LEAST_MARGIN * Math.min(stored.format.width, stored.format.height))
    const { margins } = page.arrangement
    return {
      kind: 'cutSilhouette',
      pageId: page.id,
      margins: {
        top: Math.max(least, margins.top),
        right: Math.max(least, margins.right),
        bottom: Math.max(least, margins.bottom),
        left: Math.max(least, margins.left),
      },
      gap: gapOf(page.arrangement),
      figure,
      cutting: { kind: 'halves', pieces: photos > 0 ? Math.min(MOST, photos) : FEWEST, seed: 1 },
      order,
    }
  }
  if (!open)
    return (
      <Button className="w-full" onClick={() => setOpen(true)}>
        Fill a silhouette …
      </Button>
    )
  return (
    <div className="space-y-2 border-t border-line pt-2">
      <FigureChoice
        onPick={(figure) => void handle.edit(edit(figure))}
        onTry={(figure) => handle.preview(figure && edit(figure))}
      />
      <Button className="w-full" onClick={() => setOpen(false)}>
        Leave it as it is
      </Button>
    </div>
  )
}
