import { Trash2 } from 'lucide-react'
import type { Guide } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { Button, IconButton } from '../../../ui/Button'
import { useRoom } from '../../context'
import { onPage } from '../../piece/usePiece'

/** The page's guides by number. */
export function GuideFields() {
  const { page, piece, handle } = useRoom()
  const { format } = piece
  const { guides } = page
  const set = (change: (now: Guide[]) => Guide[]) =>
    void handle.edit(
      onPage(page.id, ({ guides: now }) => ({ kind: 'setGuides', pageId: page.id, guides: change(now) })),
    )
  const add = (direction: Guide['direction'], side: number) =>
    set((now) => [...now, { direction, at: Math.round(side / 2) }])
  return (
    <>
      <p className="text-[13px] leading-4 text-soft">
        Drag one out of the page’s left or top edge. Frames are set to it; it is never printed.
      </p>
      {guides.map((guide, index) => (
        <div key={`${guide.direction} ${guide.at} ${index}`} className="flex items-end gap-1">
          <div className="flex-1">
            <LengthField
              label={`Guide ${index + 1}, ${guide.direction === 'UPRIGHT' ? 'from left' : 'from top'}`}
              value={guide.at}
              format={format}
              onCommit={(at) => set((now) => now.map((one, other) => (other === index ? { ...one, at } : one)))}
            />
          </div>
          <IconButton
            name={`Take out guide ${index + 1}`}
            onClick={() => set((now) => now.filter((_, one) => one !== index))}
          >
            <Trash2 size={16} />
          </IconButton>
        </div>
      ))}
      <div className="grid grid-cols-2 gap-2">
        <Button className="px-1 font-normal" onClick={() => add('UPRIGHT', format.width)}>
          Upright guide
        </Button>
        <Button className="px-1 font-normal" onClick={() => add('LEVEL', format.height)}>
          Level guide
        </Button>
      </div>
    </>
  )
}
