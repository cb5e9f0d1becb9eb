import type { Ornament } from '../../api/client'

interface Props {
  ornament: Ornament
  /** One for each part; as it is drawn if nothing. */
  colours?: string[]
  className?: string
}

/** An ornament in its own proportion, as large as fits. */
export function OrnamentPicture({ ornament, colours, className }: Props) {
  const { width, height, parts } = ornament
  return (
    <svg aria-hidden viewBox={`0 0 ${width} ${height}`} className={className}>
      <g transform={`scale(${width} ${height})`}>
        {parts.map(({ name, usual, outline }, index) => (
          <path key={name} d={outline} fill={colours?.[index] ?? usual} />
        ))}
      </g>
    </svg>
  )
}
