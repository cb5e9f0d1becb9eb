import type { Sharpness } from '../api/client'

const THREADS: Record<Sharpness, number> = { DENSE: 6, OPEN: 4, LOOSE: 2 }
const COLOUR: Record<Sharpness, string> = { DENSE: 'text-lichen', OPEN: 'text-weld-ink', LOOSE: 'text-madder' }
const WORDS: Record<Sharpness, string> = { DENSE: 'sharp', OPEN: 'soft', LOOSE: 'too soft' }

/** Sharpness in print as a swatch of cloth: close threads when there are plenty of pixels, few when there are not. */
export function WeaveGauge({ sharpness, ppi, words = true }: { sharpness: Sharpness; ppi: number; words?: boolean }) {
  const count = THREADS[sharpness]
  const pitch = 18 / count
  const threads = Array.from({ length: count }, (_, i) => (i + 0.5) * pitch + 1)
  const width = Math.min(2.4, pitch * 0.62)
  return (
    <span className={`inline-flex items-center gap-1.5 whitespace-nowrap ${COLOUR[sharpness]}`}>
      <svg width="20" height="20" viewBox="0 0 20 20" role="img" aria-label={WORDS[sharpness]} className="bg-paper">
        <g stroke="currentColor" strokeWidth={width}>
          {threads.map((y) => (
            <path key={y} d={`M1 ${y}H19`} />
          ))}
        </g>
        {threads.flatMap((y, row) =>
          threads.map((x, column) => {
            const over = `M${x} ${Math.max(1, y - pitch * 0.72)}V${Math.min(19, y + pitch * 0.72)}`
            return (
              (row + column) % 2 === 0 && (
                <g key={`${x} ${y}`}>
                  <path d={over} className="stroke-paper" strokeWidth={width + 1.2} />
                  <path d={over} stroke="currentColor" strokeWidth={width} />
                </g>
              )
            )
          }),
        )}
      </svg>
      {words && (
        <span>
          {Math.round(ppi)}
          {'\u2009'}ppi{sharpness === 'DENSE' ? '' : `, ${WORDS[sharpness]}`}
        </span>
      )}
    </span>
  )
}
