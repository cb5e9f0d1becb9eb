import type { Border } from '../api/client'
import type { UnitFormat } from '../measure/units'
import { ColourField } from '../ui/ColourField'
import { LengthSlider } from '../ui/LengthSlider'

interface Props {
  border: Border
  format: UnitFormat & { width: number; height: number }
  wrong: (field: 'borderWidth' | 'cornerRadius') => string | undefined
  onPreview: (change: Partial<Border>) => void
  onCommit: (change: Partial<Border>) => void
}

/** A border's width and colour, and how round its corners are; shown on the bench while they change. */
export function BorderFields({ border, format, wrong, onPreview, onCommit }: Props) {
  const shorter = Math.min(format.width, format.height)
  return (
    <>
      <LengthSlider
        label="Border width"
        value={border.width}
        most={shorter / 40}
        format={format}
        wrong={wrong('borderWidth')}
        onPreview={(width) => onPreview({ width })}
        onCommit={(width) => onCommit({ width })}
      />
      <ColourField
        label="Border colour"
        value={border.colour}
        onPreview={(colour) => onPreview({ colour })}
        onCommit={(colour) => onCommit({ colour })}
      />
      <LengthSlider
        label="Corner radius"
        value={border.radius}
        most={shorter / 12}
        format={format}
        wrong={wrong('cornerRadius')}
        onPreview={(radius) => onPreview({ radius })}
        onCommit={(radius) => onCommit({ radius })}
      />
    </>
  )
}
