import type { Shadow, StyleDifference } from '../../api/client'
import { PercentSlider } from '../../fields/PercentSlider'
import { LengthSlider } from '../../measure/LengthSlider'
import { tenths } from '../../measure/units'
import { effectOf, NO_SHADOW } from '../piece/styles'
import type { StyleFieldsProps } from './StyleFields'

/** How strong a frame's shadow is; where there is one, how far it falls and how soft it is. */
export function ShadowFields({ style, format, onPreview, onCommit }: StyleFieldsProps) {
  const shorter = Math.min(format.width, format.height)
  const shadow = effectOf(style, 'shadow') ?? NO_SHADOW
  // Whoever turns up a shadow that nobody has set sees one that suits the page.
  const unset = shadow.height === NO_SHADOW.height && shadow.softness === NO_SHADOW.softness
  const start = unset ? { ...shadow, height: tenths(shorter / 120), softness: tenths(shorter / 40) } : shadow
  const as = (change: Partial<Shadow>): StyleDifference => ({ kind: 'otherEffect', effect: { ...start, ...change } })
  return (
    <>
      <PercentSlider
        label="Shadow"
        value={shadow.strength}
        onPreview={(strength) => onPreview(as({ strength }))}
        onCommit={(strength) => onCommit(as({ strength }))}
      />
      {shadow.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          <LengthSlider
            label="Lies above by"
            value={shadow.height}
            most={shorter / 40}
            format={format}
            onPreview={(height) => onPreview(as({ height }))}
            onCommit={(height) => onCommit(as({ height }))}
          />
          <LengthSlider
            label="Softness"
            value={shadow.softness}
            most={shorter / 20}
            format={format}
            onPreview={(softness) => onPreview(as({ softness }))}
            onCommit={(softness) => onCommit(as({ softness }))}
          />
        </div>
      )}
    </>
  )
}
