import { Download, Trash2 } from 'lucide-react'
import { type Edit, lookPicture, type PatternView } from '../../api/client'
import { IconButton } from '../../ui/Button'
import { useRoom } from '../context'
import { useTrials } from '../useTrials'
import { useTryOut } from '../useTryOut'

const PICTURE_PX = 132

type ApplyPattern = Extract<Edit, { kind: 'applyPattern' }>
export type PatternPart = ApplyPattern['part']

interface Props {
  patterns: PatternView[]
  part: PatternPart
  onRemove: (pattern: PatternView) => void
}

/** Patterns to choose from, each with the photos of this page; without their own where it has none, or they do not fit. */
export function PatternList({ patterns, part, onRemove }: Props) {
  const { stored, storedPage, handle } = useRoom()
  const using = ({ pattern }: PatternView, reflow: ApplyPattern['reflow']): ApplyPattern => ({
    kind: 'applyPattern',
    pageId: storedPage.id,
    pattern,
    part,
    reflow,
  })
  const filled = storedPage.frames.some(({ entry }) => entry)
  const looks = useTrials(filled ? patterns.map((one) => using(one, 'AGREED')) : [])
  const tryOut = useTryOut((one: PatternView | null) => handle.preview(one && using(one, 'AGREED')))
  const width = PICTURE_PX * (window.devicePixelRatio || 1)
  const { format } = stored
  return (
    <ul aria-label="Patterns" className="grid grid-cols-2 gap-2">
      {patterns.map((one, index) => {
        const look = looks[index]
        return (
          <li key={one.id} className="relative">
            <button
              type="button"
              aria-label={`Use ${one.pattern.name}, ${one.sketch.length} frames`}
              {...tryOut(one.id, one)}
              onClick={() => void handle.edit(using(one, 'ASK'))}
              className="block w-full border border-line bg-paper p-1 text-left hover:border-woad"
            >
              <span className="flex h-24 items-center justify-center bg-mat p-1">
                {look ? (
                  <img
                    alt=""
                    src={lookPicture(stored.id, storedPage.id, look, width)}
                    className="max-h-full max-w-full"
                    style={{ aspectRatio: `${format.width} / ${format.height}` }}
                  />
                ) : (
                  <Sketch view={one} />
                )}
              </span>
              <span className="block truncate px-0.5 pt-1 text-[13px] leading-4">{one.pattern.name}</span>
              <span className="block px-0.5 text-[13px] leading-4 text-soft">
                {one.sketch.length} {one.sketch.length === 1 ? 'frame' : 'frames'}
              </span>
            </button>
            <span className="absolute right-0 bottom-0 flex">
              <a
                href={`/api/patterns/${one.id}/file`}
                download
                aria-label={`Save ${one.pattern.name} as a file`}
                title="Save as a file"
                className="flex size-6 items-center justify-center hover:bg-wash"
              >
                <Download size={14} />
              </a>
              {!one.shipped && (
                <IconButton name={`Delete ${one.pattern.name}`} className="size-6!" onClick={() => onRemove(one)}>
                  <Trash2 size={14} />
                </IconButton>
              )}
            </span>
          </li>
        )
      })}
    </ul>
  )
}

/** A pattern's frames on its page, as a small drawing. */
function Sketch({ view: { pattern, sketch } }: { view: PatternView }) {
  const [width, height] = [pattern.width / 1000, pattern.height / 1000]
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${width} ${height}`}
      className="max-h-full max-w-full"
      style={{ aspectRatio: width / height }}
    >
      <rect width={width} height={height} fill={pattern.styles.grounds.usual.colour} />
      {sketch.map(({ box, turnDegrees }, index) => (
        <rect
          key={index}
          x={box.x}
          y={box.y}
          width={box.width}
          height={box.height}
          transform={`rotate(${turnDegrees} ${box.x + box.width / 2} ${box.y + box.height / 2})`}
          fill="#93a4bf"
          stroke="#fffdf8"
          strokeWidth={width / 160}
        />
      ))}
    </svg>
  )
}
