import { useState } from 'react'
import { OneOf } from '../../../fields/OneOf'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { CornerHandles } from './CornerHandles'
import { FittedPhoto } from './FittedPhoto'
import type { Spot } from './useBrush'
import { useFramePhoto } from './useFramePhoto'
import { WorkSheet } from './WorkSheet'

const FIRST: Spot[] = [
  { x: 0.2, y: 0.2 },
  { x: 0.8, y: 0.2 },
  { x: 0.8, y: 0.8 },
  { x: 0.2, y: 0.8 },
]
const SEEN = { THING: 'Just this', WHOLE: 'With the rest' } as const

/** Four corners of a flat thing that was taken at a slant: it is then seen as from straight before it. */
export function FacingSheet({ frame, onClose }: { frame: Frame; onClose: () => void }) {
  const { handle } = useRoom()
  const { photo, retouched, whole, frameOf } = useFramePhoto(frame)
  const plane = retouched?.plane
  const [corners, setCorners] = useState<Spot[]>(plane?.corners ?? FIRST)
  const [seen, setSeen] = useState<keyof typeof SEEN>(plane?.whole ? 'WHOLE' : 'THING')
  if (!photo) return null
  const face = async () => {
    const problem = await handle.edit({ kind: 'facePlane', ...frameOf, corners, whole: seen === 'WHOLE' })
    if (!problem) onClose()
  }
  const tools = (
    <>
      <p className="text-[13px] leading-4 text-soft">
        Put the four corners on those of the thing: a picture on a wall, a letter on a table, a front of a house. Arrows
        move a corner that has the focus.
      </p>
      <OneOf label="What is seen" options={SEEN} value={seen} onChange={setSeen} />
      {plane && (
        <Button onClick={() => void handle.edit({ kind: 'endPlane', ...frameOf }).then(onClose)}>
          As it was taken
        </Button>
      )}
    </>
  )
  return (
    <WorkSheet
      name="Face a slanted thing"
      title={`Face a thing in ${photo.fileName}`}
      onClose={onClose}
      finish={{ name: 'Face it', onFinish: () => void face() }}
      tools={tools}
    >
      <FittedPhoto name={photo.fileName} proportion={photo.width / photo.height} picture={whole}>
        <CornerHandles corners={corners} onMove={setCorners} />
      </FittedPhoto>
    </WorkSheet>
  )
}
