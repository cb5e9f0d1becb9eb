import { type PageScene, type PageSummary, pagePicture } from '../../api/client'
import { useRoom } from '../context'
import { useSettled } from '../view/useSettled'
import type { BenchScale } from './useBenchScale'

interface Props {
  page: PageSummary
  side: 'left' | 'right'
  scene: PageScene
  scale: BenchScale
}

/** Pictures of a page are no wider than this; who looks closer looks at the page itself. */
const WIDEST_PX = 2400

/** The page that faces the one on the bench, beyond the fold; pressed it lies on the bench. */
export function FacingPage({ page, side, scene, scale }: Props) {
  const { piece, select } = useRoom()
  const width = scene.widthMm * scale.pixelsPerMm
  const drawn = useSettled(Math.min(WIDEST_PX, Math.round(width * (window.devicePixelRatio || 1))))
  const number = piece.pages.findIndex(({ id }) => id === page.id) + 1
  return (
    <button
      type="button"
      aria-label={`Page ${number}, which faces this one`}
      data-testid="facing"
      className="absolute block shadow-[0_2px_10px_rgb(34_41_58/0.22)] outline-offset-0 hover:outline-2 hover:outline-woad"
      style={{
        background: scene.colour,
        left: side === 'right' ? scale.left + width : scale.left - width,
        top: scale.top,
        width,
        height: scene.heightMm * scale.pixelsPerMm,
      }}
      onPointerDown={(event) => event.stopPropagation()}
      onClick={() => select({ kind: 'page', pageId: page.id })}
    >
      {/* The fold, over the picture: beside it, it would push it off the screen's pixels. */}
      <span
        aria-hidden
        className={`absolute inset-y-0 border-l border-dashed border-soft ${side === 'right' ? 'left-0' : 'right-0'}`}
      />
      <img
        alt=""
        draggable={false}
        src={pagePicture(piece.id, page.id, page.look, drawn)}
        className="block size-full"
      />
    </button>
  )
}
