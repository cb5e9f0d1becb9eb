import { Problem, type Track, wordsOf } from '../../../api/client'
import { lengthOf } from '../../../measure/lengthOf'
import { say } from '../../../measure/units'
import { TakenField } from '../../../fields/TakenField'
import { useRoom } from '../../context'

const MOST = 40

/** Widths or heights in a row: shares such as 1, 2, 1, fixed lengths such as 40 mm, or equal. As many as are typed there will be. */
export function TracksField({
  label,
  tracks,
  wrong,
  onCommit,
}: {
  label: string
  tracks: Track[] | undefined
  wrong?: string
  onCommit: (tracks: Track[] | undefined) => void
}) {
  const { format } = useRoom().piece
  const said = tracks?.map((track) => (track.length === undefined ? String(track.share) : say(track.length, format)))

  const trackOf = async (part: string): Promise<Track> => {
    if (/^[\d.]+$/.test(part)) {
      const share = Number(part)
      if (!(share >= 0.01 && share <= 100))
        throw new Problem(`A share is a number from 0.01 to 100, not “${part}”.`, 422)
      return { share }
    }
    return { share: 1, length: await lengthOf(part, format) }
  }
  const take = async (text: string) => {
    const parts = text
      .split(/[,;]/)
      .map((part) => part.trim())
      .filter(Boolean)
    if (parts.length > MOST) return `At most ${MOST}.`
    try {
      const equal = parts.length === 0 || (parts.length === 1 && parts[0]?.toLowerCase() === 'equal')
      const next = equal ? undefined : await Promise.all(parts.map(trackOf))
      if (JSON.stringify(next) !== JSON.stringify(tracks)) onCommit(next)
    } catch (problem) {
      return wordsOf(problem)
    }
  }
  return (
    <TakenField
      label={label}
      value={said?.join(', ') ?? 'equal'}
      wrong={wrong}
      title="Shares such as 1, 2, 1, or lengths such as 40 mm, or equal"
      onTake={take}
    />
  )
}
