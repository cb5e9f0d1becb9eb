import { say } from '../../../measure/units'
import { useRoom } from '../../context'

/** Screen pixels for each millimetre of a corner as it lies in the hand; three times as large as it is. */
const SCALE = 11
const WIDTH = 288
const HEIGHT = 132
/** Millimetres from the trim that a knife may miss by. */
const KNIFE_MM = 3

/** A corner of the printed sheet, enlarged: what is printed, where it is cut, and how far in words are safe. */
export function TrimPicture() {
  const { piece } = useRoom()
  const { bleed } = piece.format
  const mm = Math.min(5, bleed / 1000)
  const out = mm * SCALE
  const left = 96
  const top = 48
  const safe = KNIFE_MM * SCALE
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label="A corner of the sheet: printed to the bleed, cut at the trim"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="block w-full border border-line bg-wash text-ink"
        fontSize="12"
      >
        <rect
          x={left - out}
          y={top - out}
          width={WIDTH}
          height={HEIGHT}
          fill="#fffdf8"
          stroke="var(--soft)"
          strokeDasharray="4 3"
        />
        <path d={`M${left} ${HEIGHT}V${top}H${WIDTH}`} fill="none" stroke="var(--madder)" strokeWidth="1.5" />
        <path
          d={`M${left + safe} ${HEIGHT}V${top + safe}H${WIDTH}`}
          fill="none"
          stroke="#22293a"
          strokeDasharray="1 4"
          strokeLinecap="round"
        />
        <path d={`M${left} ${top - out - 6}V2M${left - out - 6} ${top}H2`} stroke="currentColor" strokeWidth="1" />
        <text x={left + safe + 8} y={top - 8} fill="#22293a">
          cut here
        </text>
        {mm > 0 && (
          <text x="4" y={top + 20} fill="currentColor">
            <tspan x="4">bleed</tspan>
            <tspan x="4" dy="15">
              {say(bleed, piece.format)}
            </tspan>
          </text>
        )}
        <text x={left + safe + 8} y={top + safe + 20} fill="#22293a">
          words stay inside
        </text>
      </svg>
      <figcaption className="pt-1 text-[13px] leading-4 text-soft">
        {bleed > 0
          ? 'The sheet is printed out to the dashed line and cut at the red one, so that no white shows where the knife misses.'
          : 'Nothing is printed beyond the cut. If photos go to the edge, give the page a bleed under Arrange.'}
      </figcaption>
    </figure>
  )
}
