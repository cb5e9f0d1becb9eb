import type { Effect, StyleDifference } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { ColourChoice } from '../paint/ColourChoice'
import { LengthSlider } from '../../measure/LengthSlider'
import { effectOf } from '../piece/styles'
import type { StyleFieldsProps } from './StyleFields'

type Fastening = Extract<Effect, { kind: 'fastening' }>
type Held = Fastening['means'] | 'NOTHING'

const MEANS: Record<Held, string> = {
  NOTHING: 'nothing',
  TAPE_ABOVE: 'tape above',
  TAPE_UPPER_CORNERS: 'tape over both upper corners',
  TAPE_CORNERS: 'tape over all corners',
  PHOTO_CORNERS: 'photo corners',
}

/** What holds the print, how large and in which colour. */
export function FasteningFields({ style, format, onPreview, onCommit }: StyleFieldsProps) {
  const shorter = Math.min(format.width, format.height)
  const fastening = effectOf(style, 'fastening')
  const held = fastening && fastening.size > 0 ? fastening : undefined
  const as = (change: Partial<Fastening>): StyleDifference => ({
    kind: 'otherEffect',
    effect: {
      kind: 'fastening',
      means: 'TAPE_ABOVE',
      size: Math.round(shorter / 30 / 100) * 100,
      colour: '#e6d9b0',
      ...held,
      ...change,
    },
  })
  return (
    <>
      <Choice
        label="Held by"
        options={MEANS}
        value={held?.means ?? 'NOTHING'}
        onChange={(means) => onCommit(means === 'NOTHING' ? as({ size: 0 }) : as({ means }))}
      />
      {held && (
        <div className="grid grid-cols-2 gap-2">
          <LengthSlider
            label={held.means === 'PHOTO_CORNERS' ? 'Corner’s leg' : 'Width of the tape'}
            value={held.size}
            most={shorter / 10}
            format={format}
            onPreview={(size) => onPreview(as({ size }))}
            onCommit={(size) => onCommit(as({ size }))}
          />
          <ColourChoice
            label="Its colour"
            value={held.colour}
            onPreview={(colour) => onPreview(as({ colour }))}
            onCommit={(colour) => onCommit(as({ colour }))}
          />
        </div>
      )}
    </>
  )
}
