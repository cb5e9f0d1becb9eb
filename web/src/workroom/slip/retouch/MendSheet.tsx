import { X } from 'lucide-react'
import { useState } from 'react'
import type { Edit, Mend } from '../../../api/client'
import { OneOf } from '../../../fields/OneOf'
import { PercentSlider } from '../../../fields/PercentSlider'
import { IconButton } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { StrokedPhoto } from './StrokedPhoto'
import type { Spot } from './useBrush'
import { useFramePhoto } from './useFramePhoto'
import { WorkSheet } from './WorkSheet'

type Kind = Mend['kind']

const KINDS: Record<Kind, string> = { REMOVE: 'Remove', RED_EYE: 'Red eye' }
const SAYS: Record<Kind, string> = {
  REMOVE: 'Draw over a spot or a thing: it gives way to what is around. In one stroke, a little beyond its edge.',
  RED_EYE: 'Press or draw on each red pupil; skin is left as it is.',
}
const LINES: Record<Kind, { colour: string; dashed: boolean }> = {
  REMOVE: { colour: '#2f4b7c', dashed: false },
  RED_EYE: { colour: '#a4373a', dashed: true },
}

/** Spots and red eyes of a photo, put right by strokes; each can be taken back. */
export function MendSheet({ frame, onClose }: { frame: Frame; onClose: () => void }) {
  const { handle } = useRoom()
  const { photo, retouched, picture, whole, frameOf } = useFramePhoto(frame)
  const [kind, setKind] = useState<Kind>('REMOVE')
  const [width, setWidth] = useState(0.03)
  const [busy, setBusy] = useState(false)
  if (!photo) return null
  const mends = retouched?.mends ?? []
  const edit = async (one: Edit) => {
    setBusy(true)
    await handle.edit(one)
    setBusy(false)
  }
  const stroke = (points: Spot[]) =>
    edit({ kind: 'mendPhoto', ...frameOf, mending: kind, stroke: { width, softness: 0.25, points } })
  const key = (pressed: string) => {
    const wanted = (Object.keys(KINDS) as Kind[])[Number(pressed) - 1]
    if (wanted) setKind(wanted)
    return wanted !== undefined
  }
  const tools = (
    <>
      <OneOf label="What is wrong" options={KINDS} value={kind} onChange={setKind} />
      <p className="min-h-12 text-[13px] leading-4 text-soft">{SAYS[kind]} Keys 1 and 2.</p>
      <PercentSlider label="Width of the brush" value={width} most={20} onPreview={setWidth} onCommit={setWidth} />
      <p role="status" className="text-[13px] leading-4 text-soft">
        {busy ? 'Looking for what suits there …' : mends.length === 0 ? 'Nothing is mended yet.' : ''}
      </p>
      {mends.length > 0 && (
        <ol aria-label="Mended" className="space-y-1">
          {mends.map((mend, index) => (
            <li key={index} className="flex items-center justify-between border-t border-line">
              {index + 1} · {mend.kind === 'REMOVE' ? 'removed' : 'red eye'}
              <IconButton
                name={`Take back mend ${index + 1}`}
                onClick={() => void edit({ kind: 'removeMend', ...frameOf, index })}
              >
                <X size={16} />
              </IconButton>
            </li>
          ))}
        </ol>
      )}
    </>
  )
  return (
    <WorkSheet name="Mend" title={`Mend ${photo.fileName}`} onKey={key} onClose={onClose} tools={tools}>
      <StrokedPhoto
        name={`The photo ${photo.fileName}`}
        proportion={photo.width / photo.height}
        picture={picture}
        whole={whole}
        behind={0}
        ground={{}}
        width={width}
        line={LINES[kind]}
        marks={mends.flatMap(({ stroke: { points } }) => points.slice(0, 1))}
        onStroke={stroke}
      />
    </WorkSheet>
  )
}
