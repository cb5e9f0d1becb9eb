import { Pin } from 'lucide-react'
import { useRoom } from '../../context'
import { Part } from '../Part'

/** How the page stands to the album's flow: filled by it, or pinned. */
export function FlowedPart() {
  const { stored, page, handle } = useRoom()
  const flow = stored.pages.find(({ id }) => id === page.id)?.flow
  if (!stored.album || !flow || flow === 'BY_HAND' || flow === 'OPENING') return null
  return (
    <Part title="In the album">
      <label className="flex items-start gap-2">
        <input
          type="checkbox"
          className="mt-0.5 size-4 accent-woad"
          checked={flow === 'PINNED'}
          onChange={(event) => void handle.edit({ kind: 'pinPages', pageIds: [page.id], pinned: event.target.checked })}
        />
        <span>
          <Pin size={14} aria-hidden className="mr-1 inline" />
          Pinned: stays as it is when the album flows anew
        </span>
      </label>
    </Part>
  )
}
