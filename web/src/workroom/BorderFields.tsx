import { LengthSlider } from '../ui/LengthSlider'
import { ColourField } from '../ui/ColourField'
import { Field, inputLook } from '../ui/Field'
import type { UnitFormat } from '../measure/units'
import type { Border } from './piece/styles'
import { ShadowFields } from './ShadowFields'

interface Props {
  border: Border
  format: UnitFormat & { width: number; height: number }
  wrong: (field: 'bandWidth' | 'cornerRadius') => string | undefined
  onPreview: (change: Partial<Border>) => void
  onCommit: (change: Partial<Border>) => void
}

/** A border's width, colour and side, how round corners are, and the shadow; shown on the bench while they change. */
export function BorderFields({ border, format, wrong, onPreview, onCommit }: Props) {
  const shorter = Math.min(format.width, format.height)
  return (
    <>
      <LengthSlider
        label="Border width"
        value={border.width}
        most={shorter / 40}
        format={format}
        wrong={wrong('bandWidth')}
        onPreview={(width) => onPreview({ width })}
        onCommit={(width) => onCommit({ width })}
      />
      <ColourField
        label="Border colour"
        value={border.colour}
        onPreview={(colour) => onPreview({ colour })}
        onCommit={(colour) => onCommit({ colour })}
      />
      <Field label="Border lies">
        {(ids) => (
          <select
            {...ids}
            className={inputLook}
            value={border.side}
            onChange={(event) => onCommit({ side: event.target.value as Border['side'] })}
          >
            <option value="INSIDE">over the photo’s edge</option>
            <option value="OUTSIDE">around the photo</option>
          </select>
        )}
      </Field>
      <LengthSlider
        label="Corner radius"
        value={border.radius}
        most={shorter / 12}
        format={format}
        wrong={wrong('cornerRadius')}
        onPreview={(radius) => onPreview({ radius })}
        onCommit={(radius) => onCommit({ radius })}
      />
      <ShadowFields
        shadow={border.shadow}
        format={format}
        onPreview={(shadow) => onPreview({ shadow })}
        onCommit={(shadow) => onCommit({ shadow })}
      />
    </>
  )
}
