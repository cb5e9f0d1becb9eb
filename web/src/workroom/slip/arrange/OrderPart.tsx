import { Pin, PinOff } from 'lucide-react'
import { useState } from 'react'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { Part } from '../Part'

const FEWEST = 2

/** Which photo comes where: so that colours are even over the page, or run from light to dark. */
export function OrderPart() {
  const { page, frames, handle } = useRoom()
  const { togglePin } = useFrameDoings()
  const [seed, setSeed] = useState(1)
  const filled = page.frames.filter(({ entry }) => entry)
  const pins = filled.filter(({ marks }) => marks.pinned).length
  const held = frames.filter(({ entry }) => entry)
  const letGo = held.length > 0 && held.every(({ marks }) => marks.pinned)
  const order = (mode: 'EVEN' | 'RUN') => {
    void handle.edit({ kind: 'harmonise', pageId: page.id, mode, seed })
    if (mode === 'EVEN') setSeed(seed + 1)
  }
  const loose = filled.length - pins
  return (
    <Part title="Order by colour" folded>
      <div className="grid grid-cols-2 gap-2">
        <Button className="px-1" disabled={loose < FEWEST} onClick={() => order('EVEN')}>
          Even out
        </Button>
        <Button className="px-1" disabled={loose < FEWEST} onClick={() => order('RUN')}>
          Light to dark
        </Button>
      </div>
      <Button className="w-full" aria-keyshortcuts="P" disabled={held.length === 0} onClick={togglePin}>
        {letGo ? <PinOff size={16} /> : <Pin size={16} />} {letGo ? 'Unpin' : 'Pin'}{' '}
        {held.length > 1 ? `the ${held.length} selected` : 'the selected photo'}
      </Button>
      <p className="text-[13px] leading-4 text-soft">
        {pins === 0
          ? 'Pinned photos stay in their frames.'
          : `${pins === 1 ? 'One photo is pinned and stays' : `${pins} photos are pinned and stay`} where ${pins === 1 ? 'it is' : 'they are'}.`}
      </p>
    </Part>
  )
}
