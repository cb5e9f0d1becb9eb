import type { Shadow } from '../../api/client'
import type { UnitFormat } from '../../measure/units'
import { LengthSlider } from '../../measure/LengthSlider'
import { NumberField } from '../../fields/NumberField'
import { Slider } from '../../fields/Slider'

interface Props {
  shadow: Shadow
  format: UnitFormat & { width: number; height: number }
  onPreview: (shadow: Shadow) => void
  onCommit: (shadow: Shadow) => void
}

/** As styles begin, micrometres. */
const UNSET = { height: 1000, softness: 2000 }
const tenths = (length: number) => Math.round(length / 100) * 100

/** How strong a frame's shadow is; where there is one, how far it falls and how soft it is. */
export function ShadowFields({ shadow, format, onPreview, onCommit }: Props) {
  const shorter = Math.min(format.width, format.height)
  // Whoever turns up a shadow that nobody has set sees one that suits the page.
  const start =
    shadow.height === UNSET.height && shadow.softness === UNSET.softness
      ? { ...shadow, height: tenths(shorter / 120), softness: tenths(shorter / 40) }
      : shadow
  const strength = (percent: number) => ({ ...start, strength: percent / 100 })
  return (
    <>
      <div>
        <NumberField
          label="Shadow"
          suffix="%"
          value={shadow.strength * 100}
          min={0}
          max={100}
          step={5}
          onCommit={(percent) => onCommit(strength(percent))}
        />
        <Slider
          label="Shadow"
          value={Math.round(shadow.strength * 100)}
          most={100}
          step={1}
          onPreview={(percent) => onPreview(strength(percent))}
          onCommit={(percent) => onCommit(strength(percent))}
        />
      </div>
      {shadow.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          <LengthSlider
            label="Lies above by"
            value={shadow.height}
            most={shorter / 40}
            format={format}
            onPreview={(height) => onPreview({ ...shadow, height })}
            onCommit={(height) => onCommit({ ...shadow, height })}
          />
          <LengthSlider
            label="Softness"
            value={shadow.softness}
            most={shorter / 20}
            format={format}
            onPreview={(softness) => onPreview({ ...shadow, softness })}
            onCommit={(softness) => onCommit({ ...shadow, softness })}
          />
        </div>
      )}
    </>
  )
}
