import { Choice } from '../../../fields/Choice'
import { useRoom } from '../../context'

const DIRECTIONS: [number, string][] = [
  [-30, 'the upper left'],
  [0, 'above'],
  [30, 'the upper right'],
  [90, 'the right'],
  [150, 'the lower right'],
  [180, 'below'],
  [-150, 'the lower left'],
  [-90, 'the left'],
]

/** Whence the piece's one light comes: every shadow falls away from it. */
export function LightField() {
  const { stored, handle } = useRoom()
  const { fromDegrees } = stored.styles.light
  const known = DIRECTIONS.some(([degrees]) => degrees === fromDegrees)
  const shown: [number, string][] = known ? DIRECTIONS : [[fromDegrees, `${fromDegrees}°`], ...DIRECTIONS]
  return (
    <Choice
      label="Light comes from"
      options={Object.fromEntries(shown.map(([degrees, name]) => [`at ${degrees}`, name]))}
      value={`at ${fromDegrees}`}
      onChange={(at) => void handle.edit({ kind: 'setLight', light: { fromDegrees: Number(at.slice(3)) } })}
    />
  )
}
