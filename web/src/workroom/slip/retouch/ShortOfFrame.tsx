import type { PhotoScene } from '../../../api/client'
import { OneOf } from '../../../fields/OneOf'
import { say } from '../../../measure/units'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'

const MM_PER_INCH = 25.4
const LEAST_MM = 0.05

const GOING = { BARE: 'Left bare', SAMPLED: 'Goes on', MIRRORED: 'Mirrored' }

type Going = keyof typeof GOING

/** Says how far a photo that is shown whole is short of its frame, and lets it go on there. */
export function ShortOfFrame({ frame, photo }: { frame: Frame; photo: PhotoScene }) {
  const { page, piece, frameScene, handle } = useRoom()
  const { fill } = frame.item
  if (fill.kind !== 'ownPhoto' || frame.crop.fit !== 'WHOLE' || !frameScene) return null
  if (fill.retouched?.cutOut) return null
  const { window } = frameScene
  const onItsSide = Math.abs(Math.sin((frame.crop.turnDegrees * Math.PI) / 180)) > 0.5
  const [wide, high] = onItsSide ? [photo.heightPx, photo.widthPx] : [photo.widthPx, photo.heightPx]
  const short = (windowMm: number, px: number) => Math.max(0, (windowMm - (px * MM_PER_INCH) / photo.ppi) / 2)
  const beside = short(window.width, wide)
  const above = short(window.height, high)
  if (Math.max(beside, above) < LEAST_MM) return null
  const said = [
    beside >= LEAST_MM && `${say(beside * 1000, piece.format)} short left and right`,
    above >= LEAST_MM && `${say(above * 1000, piece.format)} short above and below`,
  ].filter(Boolean)
  const going = fill.retouched?.sampled ? 'SAMPLED' : 'MIRRORED'
  const extend = (chosen: Going) =>
    void handle.edit({
      kind: 'extendPhoto',
      pageId: page.id,
      frameId: frame.id,
      extended: chosen !== 'BARE',
      going: chosen === 'BARE' ? undefined : chosen,
    })
  return (
    <div className="grid gap-1">
      <p>{said.join(', ')}</p>
      <OneOf
        label="Where the photo is short"
        options={GOING}
        value={fill.retouched?.extended ? going : 'BARE'}
        onChange={extend}
      />
    </div>
  )
}
