import { type PointerEvent as ReactPointerEvent, useState } from 'react'
import type { Guide } from '../../api/client'
import { say } from '../../measure/units'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoom } from '../context'
import { followPointer } from './pointerDrag'

/** How near to the page's edge a press draws out a guide. */
const EDGE_PX = 7

/** The guides on the page. They are drawn out of its left and top edge, moved by dragging, and dropped beside it to be rid of them. */
export function GuidesLayer({ scale }: { scale: BenchScale }) {
  const { piece, page, scene, handle } = useRoom()
  const [dragged, setDragged] = useState<{ index: number; guide: Guide } | null>(null)
  if (!scene) return null
  const s = scale.pixelsPerMm
  const [width, height] = [scene.widthMm * s, scene.heightMm * s]

  const drag = (down: ReactPointerEvent, index: number, direction: Guide['direction'], at: number) => {
    if (down.button !== 0) return
    down.preventDefault()
    const upright = direction === 'UPRIGHT'
    const end = upright ? piece.format.width : piece.format.height
    const paper = down.currentTarget.closest('[data-testid="page"]')?.getBoundingClientRect()
    const pressed = paper ? (upright ? down.clientX - paper.left : down.clientY - paper.top) / s : 0
    const from = index < 0 ? pressed * 1000 : at
    let now = at
    followPointer(down, {
      move: (px, py, event) => {
        const raw = from + ((upright ? px : py) / s) * 1000
        now = event.altKey ? Math.round(raw) : Math.round(raw / 500) * 500
        setDragged({ index, guide: { direction, at: now } })
      },
      end: () => {
        const others = page.guides.filter((_, one) => one !== index)
        const inside = now > 0 && now < end
        const guides = inside ? [...others, { direction, at: now }] : others
        if (!inside && index < 0) return setDragged(null)
        void handle.edit({ kind: 'setGuides', pageId: page.id, guides }).finally(() => setDragged(null))
      },
      cancel: () => setDragged(null),
    })
  }
  const shown = page.guides.map((guide, index) => (dragged?.index === index ? dragged.guide : guide))
  const all = dragged && dragged.index < 0 ? [...shown, dragged.guide] : shown
  return (
    <>
      <span
        data-testid="guide-edge-left"
        title="Drag a guide onto the page"
        onPointerDown={(event) => drag(event, -1, 'UPRIGHT', 0)}
        className="absolute top-0 cursor-col-resize touch-none"
        style={{ left: -EDGE_PX, width: EDGE_PX, height }}
      />
      <span
        data-testid="guide-edge-top"
        title="Drag a guide onto the page"
        onPointerDown={(event) => drag(event, -1, 'LEVEL', 0)}
        className="absolute left-0 cursor-row-resize touch-none"
        style={{ top: -EDGE_PX, width, height: EDGE_PX }}
      />
      {all.map(({ direction, at }, index) => {
        const upright = direction === 'UPRIGHT'
        const px = (at / 1000) * s
        return (
          <span
            key={index}
            data-testid="guide"
            title={`Guide at ${say(at, piece.format)}; drag it off the page to be rid of it`}
            onPointerDown={(event) => drag(event, index, direction, at)}
            className={`absolute z-10 touch-none ${upright ? 'cursor-col-resize' : 'cursor-row-resize'}`}
            style={
              upright
                ? { left: px - 3, top: -16, width: 7, height: height + 32 }
                : { top: px - 3, left: -16, height: 7, width: width + 32 }
            }
          >
            <span
              className={`absolute border-dashed border-lichen ${upright ? 'inset-y-0 left-[3px] border-l' : 'inset-x-0 top-[3px] border-t'}`}
            />
            {dragged && (dragged.index === index || (dragged.index < 0 && index === all.length - 1)) && (
              <span className="absolute top-0 left-2 bg-ink px-1.5 text-[13px] leading-5 whitespace-nowrap text-linen">
                {say(at, piece.format)}
              </span>
            )}
          </span>
        )
      })}
    </>
  )
}
