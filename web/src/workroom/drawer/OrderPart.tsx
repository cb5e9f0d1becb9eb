import { useState } from 'react'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { Part } from './Part'

const FEWEST = 2

/** Which photo comes where: so that colours are even over the page, or run from light to dark. */
export function OrderPart() {
  const { page, frames, handle } = useRoom()
  const [seed, setSeed] = useState(1)
  const pinned = frames.map(({ id }) => id)
  const loose = page.frames.filter(({ id, photo }) => photo && !pinned.includes(id)).length
  const order = (mode: 'EVEN' | 'RUN') => {
    void handle.edit({ kind: 'harmonise', pageId: page.id, mode, pinned, seed })
    if (mode === 'EVEN') setSeed(seed + 1)
  }
  return (
    <Part title="Order by colour">
      <div className="grid grid-cols-2 gap-2">
        <Button className="px-1" disabled={loose < FEWEST} onClick={() => order('EVEN')}>
          Even out
        </Button>
        <Button className="px-1" disabled={loose < FEWEST} onClick={() => order('RUN')}>
          Light to dark
        </Button>
      </div>
      <p className="text-[13px] leading-4 text-soft">
        {pinned.length === 0
          ? 'Frames that you select first keep their photos.'
          : `${pinned.length === 1 ? 'The selected frame keeps its photo' : `The ${pinned.length} selected frames keep their photos`}.`}
      </p>
    </Part>
  )
}
