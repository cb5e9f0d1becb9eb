import { Type } from 'lucide-react'
import { client, data } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { Part } from '../Part'
import { PlaceInOrder } from './PlaceInOrder'

/** How a photo stands in the album: its place, its page, and words that follow it. */
export function InAlbumPart({ frame }: { frame: Frame }) {
  const { piece, stored, page, handle, select } = useRoom()
  const { entry } = frame
  const flow = stored.pages.find(({ id }) => id === page.id)?.flow
  if (!stored.album || !entry || frame.spot || flow === undefined || flow === 'BY_HAND') return null
  const addWords = async () => {
    const frameId = crypto.randomUUID()
    if (await handle.edit({ kind: 'addBlock', entryId: entry, frameId, text: 'What there is to tell.' })) return
    const pages = handle.latest()?.piece.pages ?? []
    const at = pages.findLastIndex(({ entries }) => entries.includes(entry))
    // Behind a pinned page, and where the page is full, they begin the next one.
    for (const { id: pageId } of pages.slice(at, at + 2)) {
      const path = { id: piece.id, pageId }
      const { page } = await data(client.GET('/api/pieces/{id}/pages/{pageId}', { params: { path } }))
      if (page.items.some(({ id }) => id === frameId)) select({ kind: 'write', pageId, frameId })
    }
  }
  return (
    <Part title="In the album" folded>
      <PlaceInOrder key={entry} entryId={entry} />
      <Button className="w-full" onClick={() => void addWords()}>
        <Type size={16} /> Words behind this photo
      </Button>
    </Part>
  )
}
