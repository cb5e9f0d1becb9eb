import { Trash2 } from 'lucide-react'
import type { FrameScene } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { FrameList } from '../slip/arrange/FrameList'
import { LaidPart } from '../slip/border/LaidPart'
import { PlacePart } from '../slip/frame/PlacePart'
import { Selected } from '../slip/Selected'
import { WordsField } from '../slip/words/WordsField'
import { WordsLook } from '../slip/words/WordsLook'
import type { Frame } from '../piece/model'
import { OrnamentFields } from './OrnamentFields'
import { ornamentName } from './useOrnaments'

interface Props {
  frame: Frame
  ornament: NonNullable<Frame['ornament']>
  scene: FrameScene
}

/** An ornament: the words on it, its colours, others that can take its place, where it lies. */
export function OrnamentSlip({ frame, ornament, scene }: Props) {
  const { page, handle } = useRoom()
  return (
    <>
      <Selected name={ornamentName(ornament.drawing)}>
        <span className="font-normal text-soft">ornament</span>
      </Selected>
      {frame.text && (
        <div className="pb-3">
          <WordsField frame={frame} text={frame.text} scene={scene} />
        </div>
      )}
      <OrnamentFields title="Colours" frame={frame} drawn={ornament} />
      {frame.text && <WordsLook frames={[frame]} />}
      <LaidPart frames={[frame]} />
      <PlacePart frame={frame} scene={scene} folded />
      <FrameList />
      <Button
        className="mt-2 w-full shrink-0"
        onClick={() => void handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: frame.id })}
      >
        <Trash2 size={16} /> Take the ornament out
      </Button>
    </>
  )
}
