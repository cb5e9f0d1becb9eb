import { Image as ImageIcon, X } from 'lucide-react'
import { useState } from 'react'
import { type Ground, smallPicture } from '../../../api/client'
import { PercentSlider } from '../../../fields/PercentSlider'
import { LengthSlider } from '../../../measure/LengthSlider'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { ColourChoice } from '../../paint/ColourChoice'

type Pictured = Extract<Ground, { kind: 'pictured' }>

interface Props {
  /** Nothing while no photo covers the page. */
  ground: Pictured | undefined
  /** The colour that the page has without one. */
  beneath: string
  onPreview: (ground: Ground) => void
  onCommit: (ground: Ground) => void
}

/** So that others lead: details run into each other, and half of it is veiled. */
const softened = (shorter: number) => Math.round(shorter / 50 / 100) * 100
const VEILED = 0.5
const SOFTEST = 50_000

/** A photo of the piece that covers the page, softened and veiled. */
export function PhotoGround({ ground, beneath, onPreview, onCommit }: Props) {
  const { stored, photos } = useRoom()
  const [choosing, setChoosing] = useState(false)
  const { format } = stored
  const shorter = Math.min(format.width, format.height)
  const pick = (entry: string) => {
    onCommit(
      ground
        ? { ...ground, entry }
        : {
            kind: 'pictured',
            entry,
            softness: Math.min(SOFTEST, softened(shorter)),
            veil: beneath,
            strength: VEILED,
          },
    )
    setChoosing(false)
  }
  if (photos.length === 0) return null
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        <Button className="px-1!" aria-expanded={choosing} onClick={() => setChoosing(!choosing)}>
          <ImageIcon size={16} /> {ground ? 'Another photo …' : 'A photo …'}
        </Button>
        {ground && (
          <Button className="px-1!" onClick={() => onCommit({ kind: 'common' })}>
            <X size={16} /> No photo
          </Button>
        )}
      </div>
      {choosing && (
        <ul aria-label="Photos for the ground" className="grid max-h-56 grid-cols-4 gap-1 overflow-y-auto p-0.5">
          {photos.map(({ entryId, id, fileName }) => (
            <li key={entryId}>
              <button
                type="button"
                aria-pressed={ground?.entry === entryId}
                aria-label={`Cover the page with ${fileName}`}
                title={fileName}
                onClick={() => pick(entryId)}
                className={`block w-full ${ground?.entry === entryId ? 'outline-2 outline-woad' : 'hover:outline-2 hover:outline-woad'}`}
              >
                <img alt="" loading="lazy" src={smallPicture(id)} className="aspect-square w-full object-cover" />
              </button>
            </li>
          ))}
        </ul>
      )}
      {ground && (
        <>
          <div className="grid grid-cols-2 gap-2">
            <LengthSlider
              label="Softened by"
              value={ground.softness}
              most={Math.min(SOFTEST, shorter / 10)}
              format={format}
              onPreview={(softness) => onPreview({ ...ground, softness })}
              onCommit={(softness) => onCommit({ ...ground, softness })}
            />
            <PercentSlider
              label="Veil"
              value={ground.strength}
              onPreview={(strength) => onPreview({ ...ground, strength })}
              onCommit={(strength) => onCommit({ ...ground, strength })}
            />
          </div>
          <ColourChoice
            label="Veil’s colour"
            value={ground.veil}
            onPreview={(veil) => onPreview({ ...ground, veil })}
            onCommit={(veil) => onCommit({ ...ground, veil })}
          />
        </>
      )}
    </>
  )
}
