import { MoveVertical, Trash2 } from 'lucide-react'
import type { FrameScene } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { FrameList } from '../arrange/FrameList'
import { LaidPart } from '../border/LaidPart'
import { PlacePart } from '../frame/PlacePart'
import { Selected } from '../Selected'
import { WordsField } from './WordsField'
import { WordsLook } from './WordsLook'

interface Props {
  frame: Frame
  text: NonNullable<Frame['text']>
  scene: FrameScene
}

/** Words in a frame of their own: what they say, how they are set, and where they stand. */
export function WordsSlip({ frame, text, scene }: Props) {
  const { page, handle } = useRoom()
  const place = frame.across ? 'across the page' : frame.spot ? 'lie freely' : 'in the arrangement'
  const across = (side: 'TOP' | 'BOTTOM') =>
    void handle.edit({ kind: 'putWordsAcross', pageId: page.id, frameId: frame.id, side })
  return (
    <>
      <Selected name="Words">
        <span className="font-normal text-soft">{place}</span>
      </Selected>
      <WordsField frame={frame} text={text} scene={scene} />
      <div className="mt-3">
        <WordsLook frames={[frame]} />
      </div>
      {frame.spot && text.course.kind === 'straight' && (
        <Button
          className="mb-2 w-full"
          onClick={() => void handle.edit({ kind: 'heightOfWords', pageId: page.id, itemIds: [frame.id] })}
        >
          <MoveVertical size={16} aria-hidden /> As high as its words
        </Button>
      )}
      {frame.slot === undefined && (
        <div className="grid grid-cols-2 gap-2 pb-3">
          <Button disabled={frame.across === 'TOP'} onClick={() => across('TOP')}>
            Across the top
          </Button>
          <Button disabled={frame.across === 'BOTTOM'} onClick={() => across('BOTTOM')}>
            Across the foot
          </Button>
        </div>
      )}
      <LaidPart frames={[frame]} />
      <PlacePart frame={frame} scene={scene} folded />
      <FrameList />
      <Button
        className="mt-2 w-full shrink-0"
        onClick={() => void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: frame.id })}
      >
        <Trash2 size={16} /> Take the words out
      </Button>
    </>
  )
}
