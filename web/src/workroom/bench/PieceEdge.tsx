/** An outline in the unit square as one that clips a box of this size, pixels: what lies outside is not pressed. */
export function clipOf(outline: string, width: number, height: number): string {
  let across = true
  const scaled = outline.replace(/-?\d+(?:\.\d+)?/g, (number) => {
    const length = Number(number) * (across ? width : height)
    across = !across
    return length.toFixed(1)
  })
  return `path('${scaled}')`
}

interface Props {
  outline: string
  left: number
  top: number
  width: number
  height: number
  /** Why it has to be seen. */
  look: keyof typeof LOOKS
}

const LOOKS = {
  selected: 'fill-none stroke-woad stroke-[2.5px]',
  over: 'fill-woad/30 stroke-woad stroke-[3px]',
  empty: 'fill-none stroke-soft [stroke-dasharray:4_3]',
}

/** The edge of a figure's piece, where its photo does not show it or it is the one that is meant. */
export function PieceEdge({ outline, left, top, width, height, look }: Props) {
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute z-10 overflow-visible"
      style={{ left, top, width, height }}
      viewBox="0 0 1 1"
      preserveAspectRatio="none"
    >
      <path d={outline} vectorEffect="non-scaling-stroke" className={LOOKS[look]} />
    </svg>
  )
}
