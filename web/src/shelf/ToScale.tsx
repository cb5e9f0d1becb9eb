import type { Format } from '../api/client'
import { saySize } from '../measure/units'

const VIEW = { width: 440, height: 180 }
const HAND_MM = 185

/** The sheet beside a pencil of the usual 18.5 cm, so that its size can be felt. */
export function ToScale({ format, margin }: { format: Format; margin: number }) {
  const width = format.width / 1000
  const height = format.height / 1000
  const scale = Math.min((VIEW.width - 70) / Math.max(width, 1), (VIEW.height - 20) / Math.max(height, HAND_MM))
  const [w, h, m] = [width * scale, height * scale, (margin / 1000) * scale]
  const pencil = HAND_MM * scale
  const floor = VIEW.height - 6
  const left = (VIEW.width - w - 34) / 2
  return (
    <svg
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      className="max-h-44 w-full shrink-0 bg-mat"
      role="img"
      aria-label={`The sheet, ${saySize(format.width, format.height, format)}, beside a pencil`}
    >
      <rect x={left} y={floor - h} width={w} height={h} className="fill-paper stroke-soft" strokeWidth="0.7" />
      {m > 0 && w > 2 * m && h > 2 * m && (
        <rect
          x={left + m}
          y={floor - h + m}
          width={w - 2 * m}
          height={h - 2 * m}
          fill="none"
          className="stroke-woad"
          strokeDasharray="3 3"
          strokeWidth="0.8"
        />
      )}
      <g transform={`translate(${left + w + 22} ${floor})`} className="fill-weld">
        <path d={`M-3 0V${-pencil * 0.9}L0 ${-pencil}L3 ${-pencil * 0.9}V0Z`} />
        <path d={`M-1 ${-pencil * 0.966}L0 ${-pencil}L1 ${-pencil * 0.966}Z`} className="fill-ink" />
      </g>
    </svg>
  )
}

/** What margin, trim and bleed are: a corner of a sheet with the knife's line. */
export function TrimExplained() {
  return (
    <figure className="text-[13px] leading-4 text-soft">
      <svg viewBox="0 0 200 110" className="w-full bg-mat" aria-hidden>
        <path d="M14 110V14H200V110Z" className="fill-weld" opacity="0.45" />
        <path d="M34 110V34H200V110Z" className="fill-paper" />
        <path d="M62 110V62H200V110Z" className="fill-woad" opacity="0.25" />
        <path d="M34 110V34H200" fill="none" className="stroke-madder" strokeDasharray="5 3" />
        <g className="fill-ink" fontSize="11">
          <text x="120" y="28">
            bleed
          </text>
          <text x="120" y="52">
            margin
          </text>
          <text x="120" y="90">
            photos
          </text>
        </g>
      </svg>
      <figcaption className="pt-1">
        The knife cuts along the dashed line, never quite: what shall reach the edge runs on into the bleed.
      </figcaption>
    </figure>
  )
}
