import type { Mount } from '../../api/client'
import { useTryOut } from '../useTryOut'

interface Props {
  mounts: Mount[]
  pressed: string | undefined
  onTry: (mount: Mount | null) => void
  onPick: (mount: Mount) => void
}

/** Papers to choose from; the bench shows them under the pictures while they are looked at. */
export function MountCards({ mounts, pressed, onTry, onPick }: Props) {
  const trying = useTryOut<Mount>(onTry)
  return (
    <ul aria-label="Papers" className="grid grid-cols-2 gap-2">
      {mounts.map((mount) => (
        <li key={mount.id}>
          <button
            type="button"
            aria-pressed={mount.id === pressed}
            {...trying(mount.id, mount)}
            onClick={() => onPick(mount)}
            className={`block w-full border bg-paper p-1 text-left ${mount.id === pressed ? 'border-woad outline-1 outline-woad' : 'border-line hover:border-woad'}`}
          >
            <Corner mount={mount} />
            <span className="block truncate px-0.5 pt-1 text-[13px] leading-4">{mount.name}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}

/** The upper left corner of a picture on its papers. */
function Corner({ mount: { sheets } }: { mount: Mount }) {
  const whole = sheets.reduce((sum, { width }) => sum + width, 0) || 1
  // From the lowest paper up, each as far in as those below it are seen.
  const edges = sheets.map((_, index) => sheets.slice(index + 1).reduce((sum, { width }) => sum + width, 0))
  return (
    <svg aria-hidden viewBox="0 0 120 56" className="block w-full bg-mat">
      {sheets.toReversed().map(({ paint }, index) => {
        const at = 4 + ((edges[sheets.length - 1 - index] ?? 0) / whole) * 34
        return (
          <g key={index}>
            <rect x={at + 1.5} y={at + 1.5} width="130" height="70" fill="#22293a" opacity="0.25" />
            <rect x={at} y={at} width="130" height="70" fill={paint.colour} />
          </g>
        )
      })}
      <rect x="38" y="38" width="100" height="40" fill="#8fa6b8" />
    </svg>
  )
}
