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
  selected: boolean
}

/** The edge of a figure's piece, where it has to be seen: of the one that is selected, or into which something will be dropped. */
export function PieceEdge({ outline, left, top, width, height, selected }: Props) {
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute z-10 overflow-visible"
      style={{ left, top, width, height }}
      viewBox="0 0 1 1"
      preserveAspectRatio="none"
    >
      <path
        d={outline}
        vectorEffect="non-scaling-stroke"
        className={selected ? 'fill-none stroke-woad' : 'fill-woad/30 stroke-woad'}
        strokeWidth={2.5}
      />
    </svg>
  )
}
