import { say } from '../../measure/units'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoom } from '../context'
import { useDragMarks } from './drafts'

const LEAST_PX = 26

/** The lines to which a dragged frame is set, and its distances to what lies beside it. */
export function DragMarksLayer({ scale }: { scale: BenchScale }) {
  const { piece, scene } = useRoom()
  const { lines, distances, said } = useDragMarks()
  if (!scene) return null
  const s = scale.pixelsPerMm
  const [width, height] = [scene.widthMm * s, scene.heightMm * s]
  return (
    <div aria-hidden className="pointer-events-none absolute inset-0 z-30">
      <svg className="absolute inset-0 size-full overflow-visible">
        {lines.map(({ upright, at }) => (
          <path
            key={`${upright} ${at}`}
            data-testid="snap"
            d={upright ? `M${at * s} -12V${height + 12}` : `M-12 ${at * s}H${width + 12}`}
            className="stroke-madder"
            strokeWidth="1"
          />
        ))}
        {distances.map(({ upright, from, to, at, equal }) => (
          <path
            key={`${upright} ${from} ${at}`}
            d={upright ? `M${at * s} ${from * s}V${to * s}` : `M${from * s} ${at * s}H${to * s}`}
            className={equal ? 'stroke-madder' : 'stroke-woad'}
            strokeWidth="1"
          />
        ))}
      </svg>
      {distances
        .filter(({ from, to }) => (to - from) * s > LEAST_PX)
        .map(({ upright, from, to, at, equal }) => (
          <span
            key={`${upright} ${from} ${at}`}
            data-testid="distance"
            data-equal={equal ? true : undefined}
            className={`absolute -translate-1/2 px-1 text-xs leading-4 whitespace-nowrap ${equal ? 'bg-madder text-paper' : 'bg-woad text-on-woad'}`}
            style={
              upright ? { left: at * s, top: ((from + to) / 2) * s } : { left: ((from + to) / 2) * s, top: at * s }
            }
          >
            {say(Math.round((to - from) * 1000), piece.format)}
          </span>
        ))}
      {said && (
        <span
          className="absolute -translate-1/2 bg-ink px-1.5 py-0.5 text-[13px] leading-4 whitespace-nowrap text-linen"
          style={{ left: said.x * s, top: said.y * s }}
        >
          {said.text}
        </span>
      )}
    </div>
  )
}
