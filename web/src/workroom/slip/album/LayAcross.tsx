import { BookOpen } from 'lucide-react'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'

/** Lays a photo over both pages of a spread, and shows it. */
export function LayAcross({ entryId }: { entryId: string }) {
  const { page, piece, handle, select, goTo, station } = useRoom()
  if (piece.pages.length < 2 && !piece.album) return null
  const lay = async () => {
    if (await handle.edit({ kind: 'layAcross', pageId: page.id, entryId })) return
    const pages = handle.latest()?.piece.pages ?? []
    const left = pages.find((one, index) => index % 2 === 1 && one.entries[0] === entryId && one.frames === 1)
    if (left) select({ kind: 'page', pageId: left.id })
    if (station === 'gather') goTo('arrange')
  }
  return (
    <Button className="mt-2 w-full shrink-0" onClick={() => void lay()}>
      <BookOpen size={16} /> Lay it across the fold
    </Button>
  )
}
