import { LengthSlider } from '../../measure/LengthSlider'
import { ColourField } from '../../fields/ColourField'
import { Choice } from '../../fields/Choice'
import type { UnitFormat } from '../../measure/units'
import type { Border } from '../piece/styles'
import { ShadowFields } from './ShadowFields'

const SIDES: Record<Border['side'], string> = { INSIDE: 'over the photo’s edge', OUTSIDE: 'around the photo' }

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
      <Choice label="Border lies" options={SIDES} value={border.side} onChange={(side) => onCommit({ side })} />
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
