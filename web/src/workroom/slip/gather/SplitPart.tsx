import { useState } from 'react'
import { allTaken } from '../../../fields/taking'
import { LengthField } from '../../../measure/LengthField'
import { Button } from '../../../ui/Button'
import { NumberField } from '../../../fields/NumberField'
import { useRoom } from '../../context'
import { usesOf } from '../../piece/model'
import { Part } from '../Part'
import { GapsLeftOut, WhichPhoto } from './SplitFields'
import { useWish } from './useWish'

const MOST = 12
/** Three canvases a hand's breadth apart, as they hang over a sofa. */
const USUAL = { across: 3, down: 1, gap: 30_000, bridged: false }

/** One photo over several frames or canvases, in one action. */
export function SplitPart({ folded }: { folded: boolean }) {
  const { piece, page, photos, handle, select, goTo } = useRoom()
  const { wish, change, latest } = useWish(USUAL)
  const [chosen, choose] = useState<string>()
  const uses = usesOf(piece)
  const photo =
    photos.find(({ entryId }) => entryId === chosen) ?? photos.find(({ entryId }) => !uses.has(entryId)) ?? photos[0]
  if (!photo) return null
  const split = async (ontoPages: boolean) => {
    if (!(await allTaken())) return
    const edit = { kind: 'splitEntry' as const, pageId: page.id, entryId: photo.entryId, ...latest.current, ontoPages }
    const problem = await handle.edit(edit)
    if (problem) return
    select({ kind: 'page', pageId: page.id })
    goTo('arrange')
  }
  const parts = wish.across * wish.down
  return (
    <Part title="Split one photo" folded={folded}>
      <WhichPhoto photos={photos} value={photo.entryId} onChange={choose} />
      <div className="grid grid-cols-3 gap-2">
        <NumberField label="Across" value={wish.across} min={1} max={MOST} onCommit={(across) => change({ across })} />
        <NumberField label="Down" value={wish.down} min={1} max={MOST} onCommit={(down) => change({ down })} />
        <LengthField label="Apart" value={wish.gap} format={piece.format} onCommit={(gap) => change({ gap })} />
      </div>
      <GapsLeftOut bridged={wish.bridged} onChange={(bridged) => change({ bridged })} />
      <Button look="primary" className="w-full" disabled={parts < 2} onClick={() => void split(true)}>
        {parts} canvases, a page each
      </Button>
      <Button className="w-full" disabled={parts < 2} onClick={() => void split(false)}>
        {parts} frames on this page
      </Button>
    </Part>
  )
}
