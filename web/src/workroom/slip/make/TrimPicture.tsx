import { say } from '../../../measure/units'
import { useRoom } from '../../context'

/** Screen pixels for each millimetre of a corner, at most: three times as large as it lies in the hand. */
const SCALE = 11
/** Screen pixels that the bleed takes at most. */
const BLEED = 56
/** A bleed from here on is no play for a knife but goes round the bars of a canvas. Millimetres. */
const WRAP_MM = 15
const WIDTH = 288
const HEIGHT = 140
/** Millimetres from the trim that a knife may miss by. */
const KNIFE_MM = 3

/** A corner of the printed sheet, enlarged: what is printed, where it is cut, and how far in words are safe. */
export function TrimPicture() {
  const { piece } = useRoom()
  const { bleed } = piece.format
  const mm = bleed / 1000
  const scale = Math.min(SCALE, BLEED / mm)
  const out = mm * scale
  const left = 126
  const top = 68
  const safe = Math.max(10, KNIFE_MM * scale)
  const wrapped = mm >= WRAP_MM
  return (
    <figure className="m-0">
      <svg
        role="img"
        aria-label={`A corner of the sheet: printed to the bleed, ${wrapped ? 'folded round the bars' : 'cut'} at the trim`}
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
          {wrapped ? 'folds round the bars here' : 'cut here'}
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
          ? `The sheet is printed out to the dashed line and ${wrapped ? 'folded at the red one: what lies between goes round the bars.' : 'cut at the red one, so that no white shows where the knife misses.'}`
          : 'Nothing is printed beyond the cut. If photos go to the edge, give the page a bleed under Arrange.'}
      </figcaption>
    </figure>
  )
}
