import type { Effect, StyleDifference } from '../../api/client'
import { NumberField } from '../../fields/NumberField'
import { ColourChoice } from '../paint/ColourChoice'
import { PercentSlider } from '../../fields/PercentSlider'
import { Slider } from '../../fields/Slider'
import { LengthSlider } from '../../measure/LengthSlider'
import { tenths } from '../../measure/units'
import { effectOf } from '../piece/styles'
import type { StyleFieldsProps } from './StyleFields'

/** Degrees. */
const MOST_TILT = 60
const of = (effect: Effect): StyleDifference => ({ kind: 'otherEffect', effect })

/** Shadow on the picture, glow, soft edge and reflection; each with its measures once there is some of it. */
export function LightEffects({ style, format, onPreview, onCommit }: StyleFieldsProps) {
  const shorter = Math.min(format.width, format.height)
  const inner = effectOf(style, 'innerShadow') ?? {
    kind: 'innerShadow',
    height: tenths(shorter / 200),
    softness: tenths(shorter / 80),
    strength: 0,
    colour: '#22293a',
  }
  const glow = effectOf(style, 'glow') ?? { kind: 'glow', spread: tenths(shorter / 30), strength: 0, colour: '#f3dc9b' }
  const soft = effectOf(style, 'softEdge') ?? { kind: 'softEdge', width: 0 }
  const mirror = effectOf(style, 'reflection') ?? { kind: 'reflection', height: 0.3, distance: 0, strength: 0 }
  const tilt = effectOf(style, 'tilt') ?? { kind: 'tilt', sideDegrees: 0, backDegrees: 0 }
  const percent = (label: string, effect: typeof inner | typeof glow | typeof mirror) => (
    <PercentSlider
      label={label}
      value={effect.strength}
      onPreview={(strength) => onPreview(of({ ...effect, strength }))}
      onCommit={(strength) => onCommit(of({ ...effect, strength }))}
    />
  )
  const degrees = (label: string, value: number, as: (degrees: number) => Effect) => (
    <div>
      <NumberField
        label={label}
        suffix="°"
        value={value}
        min={-MOST_TILT}
        max={MOST_TILT}
        step={5}
        onCommit={(one) => onCommit(of(as(one)))}
      />
      <Slider
        label={label}
        value={value}
        least={-MOST_TILT}
        most={MOST_TILT}
        step={1}
        onPreview={(one) => onPreview(of(as(one)))}
        onCommit={(one) => onCommit(of(as(one)))}
      />
    </div>
  )
  const length = (label: string, value: number, most: number, as: (length: number) => Effect) => (
    <LengthSlider
      label={label}
      value={value}
      most={most}
      format={format}
      onPreview={(one) => onPreview(of(as(one)))}
      onCommit={(one) => onCommit(of(as(one)))}
    />
  )
  return (
    <>
      {percent('Shadow on the picture', inner)}
      {inner.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          {length('Paper lies above by', inner.height, shorter / 60, (height) => ({ ...inner, height }))}
          {length('Its softness', inner.softness, shorter / 30, (softness) => ({ ...inner, softness }))}
        </div>
      )}
      {percent('Glow', glow)}
      {glow.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          {length('Glow reaches', glow.spread, shorter / 10, (spread) => ({ ...glow, spread }))}
          <ColourChoice
            label="Glow’s colour"
            value={glow.colour}
            onPreview={(colour) => onPreview(of({ ...glow, colour }))}
            onCommit={(colour) => onCommit(of({ ...glow, colour }))}
          />
        </div>
      )}
      {length('Edge fades over', soft.width, shorter / 8, (width) => ({ ...soft, width }))}
      {percent('Reflection below', mirror)}
      {mirror.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          <PercentSlider
            label="Shows of the picture"
            value={mirror.height}
            onPreview={(height) => onPreview(of({ ...mirror, height }))}
            onCommit={(height) => onCommit(of({ ...mirror, height }))}
          />
          {length('Begins below by', mirror.distance, shorter / 30, (distance) => ({ ...mirror, distance }))}
        </div>
      )}
      <div className="grid grid-cols-2 gap-2">
        {degrees('Right side away', tilt.sideDegrees, (sideDegrees) => ({ ...tilt, sideDegrees }))}
        {degrees('Upper side away', tilt.backDegrees, (backDegrees) => ({ ...tilt, backDegrees }))}
      </div>
    </>
  )
}
