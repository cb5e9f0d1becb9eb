interface Props {
  /** All in micrometres. */
  wallWidth: number
  wallHeight: number
  set: { width: number; height: number; parts: number; gap: number; span: number }
  finish: 'TO_THE_EDGE' | 'TWO_TONES' | 'DEEP_PAPER'
}

/** Of the drawing's width. */
const BELOW = 0.14

/** The set on its wall, to scale, above what stands before it. */
export function WallPicture({ wallWidth, wallHeight, set, finish }: Props) {
  const below = wallWidth * BELOW
  const left = (wallWidth - set.span) / 2
  const top = (wallHeight - set.height) / 2
  const line = wallWidth / 260
  const border =
    finish === 'TO_THE_EDGE' ? 0 : Math.min(set.width, set.height) * (finish === 'TWO_TONES' ? 0.055 : 0.085)
  return (
    <svg
      viewBox={`${-line} ${-line} ${wallWidth + 2 * line} ${wallHeight + below + 2 * line}`}
      className="block max-h-44 w-full bg-linen"
      aria-hidden
    >
      {Array.from({ length: set.parts }, (_, i) => {
        const x = left + i * (set.width + set.gap)
        return (
          <g key={i}>
            <rect
              x={x}
              y={top}
              width={set.width}
              height={set.height}
              strokeWidth={line}
              className={`stroke-ink ${finish === 'TWO_TONES' ? 'fill-woad' : 'fill-paper'}`}
            />
            {border > 0 && (
              <rect
                x={x + border}
                y={top + border}
                width={set.width - 2 * border}
                height={set.height - 2 * border}
                strokeWidth={line}
                className="fill-wash stroke-edge"
              />
            )}
          </g>
        )
      })}
      <path
        d={`M0 ${wallHeight + below}V${wallHeight + below * 0.25}Q0 ${wallHeight} ${below * 0.25} ${wallHeight}H${wallWidth - below * 0.25}Q${wallWidth} ${wallHeight} ${wallWidth} ${wallHeight + below * 0.25}V${wallHeight + below}`}
        strokeWidth={line}
        className="fill-wash stroke-edge"
      />
    </svg>
  )
}
