import { type CSSProperties, useState } from 'react'
import { type Spot, useBrush } from './useBrush'

interface Props {
  /** What the photo is called when it is read out. */
  name: string
  /** Width by height. */
  proportion: number
  /** Of what is worked on, and of the photo as it is, for what lies behind. */
  picture: string
  whole: string
  /** How much of the whole photo is seen behind, 0 to 1. */
  behind: number
  ground: CSSProperties
  /** Of the brush, in shares of the longer side. */
  width: number
  line: { colour: string; dashed: boolean }
  /** Places that are marked by their number. */
  marks?: Spot[]
  /** Resolves when the stroke has been worked in. */
  onStroke: (spots: Spot[]) => Promise<unknown>
}

/** A photo that is drawn on with a brush: what is said by a stroke is seen as a line until the picture shows it. */
export function StrokedPhoto(props: Props) {
  const { name, proportion, picture, whole, behind, ground, width, line, marks = [], onStroke } = props
  const [waiting, setWaiting] = useState<{ spots: Spot[]; line: Props['line']; width: number }[]>([])
  const [shown, setShown] = useState(picture)
  const brush = useBrush((spots) => {
    const one = { spots, line, width }
    setWaiting((before) => [...before, one])
    void onStroke(spots).finally(() => setWaiting((before) => before.filter((other) => other !== one)))
  })
  const across = proportion >= 1 ? 1000 : 1000 * proportion
  const down = proportion >= 1 ? 1000 / proportion : 1000
  const strokes = brush.stroke ? [...waiting, { spots: brush.stroke, line, width }] : waiting
  // A line back to its begin is a dot where there is one spot only.
  const path = ([first, ...rest]: Spot[]) =>
    first
      ? [first, ...(rest.length > 0 ? rest : [first])]
          .map((spot, i) => `${i === 0 ? 'M' : 'L'} ${spot.x * across} ${spot.y * down}`)
          .join(' ')
      : ''
  return (
    <div
      role="application"
      aria-label={`${name}. Arrows move the brush, Enter sets it down and lifts it.`}
      aria-busy={waiting.length > 0 || shown !== picture}
      tabIndex={0}
      className="relative cursor-none touch-none outline-offset-2 select-none focus-visible:outline-2 focus-visible:outline-woad"
      style={{ aspectRatio: proportion, width: `min(100cqw, ${proportion} * 100cqh)`, ...ground }}
      {...brush.handlers}
    >
      {behind > 0 && (
        <img alt="" src={whole} draggable={false} className="absolute inset-0 size-full" style={{ opacity: behind }} />
      )}
      <img
        alt=""
        src={picture}
        draggable={false}
        className="absolute inset-0 size-full"
        onLoad={() => setShown(picture)}
      />
      <svg aria-hidden viewBox={`0 0 ${across} ${down}`} className="absolute inset-0 size-full">
        {strokes.map((one, index) => (
          <path
            key={index}
            d={path(one.spots)}
            fill="none"
            stroke={one.line.colour}
            strokeWidth={one.width * 1000}
            strokeOpacity={0.75}
            strokeLinecap="round"
            strokeLinejoin="round"
            strokeDasharray={one.line.dashed ? `${one.width * 1000} ${one.width * 1600}` : undefined}
          />
        ))}
        {marks.map((mark, index) => (
          <Numbered key={index} x={mark.x * across} y={mark.y * down} number={index + 1} />
        ))}
        {brush.at && <BrushRing x={brush.at.x * across} y={brush.at.y * down} radius={Math.max(4, width * 500)} />}
      </svg>
    </div>
  )
}

/** A ring that is seen on light and dark. */
function BrushRing({ x, y, radius }: { x: number; y: number; radius: number }) {
  return (
    <g fill="none" strokeWidth={2}>
      <circle cx={x} cy={y} r={radius - 1} stroke="#fffdf8" />
      <circle cx={x} cy={y} r={radius + 1} stroke="#22293a" />
    </g>
  )
}

/** The number of a place, in a disc. */
function Numbered({ x, y, number }: { x: number; y: number; number: number }) {
  return (
    <g>
      <circle cx={x} cy={y} r={11} fill="#fffdf8" fillOpacity={0.85} stroke="#22293a" />
      <text x={x} y={y + 5} textAnchor="middle" fontSize={14} fill="#22293a">
        {number}
      </text>
    </g>
  )
}
