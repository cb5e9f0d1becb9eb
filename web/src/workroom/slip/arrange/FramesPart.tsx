import { SquareDashedMousePointer, Unlink } from 'lucide-react'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { usualStyle } from '../../piece/styles'
import { emptyFrame } from '../../frames/usePageDrag'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { FrameList } from './FrameList'
import { Part } from '../Part'

/** Frames by hand: draw one, let all lie freely, and what lies on the page from front to back. */
export function FramesPart() {
  const { page, piece, stored, selection, select, handle } = useRoom()
  const { add } = useFrameDoings()
  const { width, height } = piece.format
  /** A third of the page, in its middle. */
  const middle = { x: width / 3000, y: height / 3000, width: width / 3000, height: height / 3000 }
  return (
    <>
      <Part title="Frames by hand" folded>
        <Button
          className="w-full"
          aria-pressed={selection.drawing}
          look={selection.drawing ? 'primary' : 'plain'}
          aria-keyshortcuts="F"
          onClick={() => select({ kind: 'draw', on: !selection.drawing })}
        >
          <SquareDashedMousePointer size={16} /> Draw a frame
        </Button>
        <Button className="w-full" onClick={() => void add([emptyFrame(middle, usualStyle(stored.styles).id)])}>
          Put one in the middle
        </Button>
        {page.arrangement.kind !== 'byHand' && (
          <Button className="w-full" onClick={() => void handle.edit({ kind: 'releasePage', pageId: page.id })}>
            <Unlink size={16} /> Release all frames
          </Button>
        )}
      </Part>
      <FrameList />
    </>
  )
}
