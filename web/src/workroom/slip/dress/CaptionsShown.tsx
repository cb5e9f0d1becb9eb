import type { CaptionStyle } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { useRoom } from '../../context'

const SHOWN: Record<CaptionStyle['show'], string> = {
  WRITTEN: 'where something is written',
  ALWAYS: 'with each photo, written or not',
  NONE: 'not at all',
}

/** Whether the piece's photos show their words, and where room is kept for them. */
export function CaptionsShown({ label }: { label: string }) {
  const { stored, handle } = useRoom()
  return (
    <Choice
      label={label}
      options={SHOWN}
      value={stored.styles.captions.show}
      onChange={(show) =>
        void handle.edit(({ stored: now }) => ({
          kind: 'setCaptionStyle',
          captions: { ...now.styles.captions, show },
        }))
      }
    />
  )
}
