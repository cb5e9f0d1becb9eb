import type { Paint } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { ColourChoice } from './ColourChoice'
import { PercentSlider } from '../../fields/PercentSlider'
import { LengthSlider } from '../../measure/LengthSlider'
import type { UnitFormat } from '../../measure/units'
import { nameOf, PAINTS, paintOf } from './paints'

const TOWARDS: Record<string, string> = {
  'to 180': 'downwards',
  'to 90': 'to the right',
  'to 135': 'to the lower right',
  'to -135': 'to the lower left',
}
const COARSEST = 20000

interface Props {
  /** What is covered, as it begins a label: “Page”. */
  what: string
  value: Paint
  format: UnitFormat & { width: number; height: number }
  onPreview: (paint: Paint) => void
  onCommit: (paint: Paint) => void
}

/** What a surface is covered with, and its colours; shown live while they change. */
export function PaintField({ what, value, format, onPreview, onCommit }: Props) {
  const shorter = Math.min(format.width, format.height)
  const colour = (label: string, now: string, as: (colour: string) => Paint) => (
    <ColourChoice
      label={label}
      value={now}
      onPreview={(one) => onPreview(as(one))}
      onCommit={(one) => onCommit(as(one))}
    />
  )
  return (
    <>
      <Choice
        label={`${what} is`}
        options={PAINTS}
        value={nameOf(value)}
        onChange={(name) => onCommit(paintOf(name, value, shorter))}
      />
      {colour(`${what} colour`, value.colour, (one) => ({ ...value, colour: one }))}
      {value.kind === 'gradient' && (
        <>
          {colour(`${what} second colour`, value.to, (to) => ({ ...value, to }))}
          <Choice
            label="It runs"
            options={{
              ...TOWARDS,
              [`to ${value.towardsDegrees}`]: TOWARDS[`to ${value.towardsDegrees}`] ?? `${value.towardsDegrees}°`,
            }}
            value={`to ${value.towardsDegrees}`}
            onChange={(to) => onCommit({ ...value, towardsDegrees: Number(to.slice(3)) })}
          />
        </>
      )}
      {value.kind === 'texture' && (
        <>
          {colour(`${what} grain’s colour`, value.second, (second) => ({ ...value, second }))}
          <div className="grid grid-cols-2 gap-2">
            <LengthSlider
              label="Grain"
              value={value.grain}
              most={Math.min(COARSEST, shorter / 60)}
              format={format}
              onPreview={(grain) => grain >= 100 && onPreview({ ...value, grain })}
              onCommit={(grain) => onCommit({ ...value, grain: Math.min(COARSEST, Math.max(100, grain)) })}
            />
            <PercentSlider
              label="Grain’s strength"
              value={value.strength}
              onPreview={(strength) => onPreview({ ...value, strength })}
              onCommit={(strength) => onCommit({ ...value, strength })}
            />
          </div>
        </>
      )}
    </>
  )
}
