import type { TextFinish } from '../../api/client'
import { PercentSlider } from '../../fields/PercentSlider'
import { LengthSlider } from '../../measure/LengthSlider'
import { tenths, type UnitFormat } from '../../measure/units'
import { ColourChoice } from '../paint/ColourChoice'

export const atLeast = (length: number) => Math.max(100, tenths(length))

/** Light behind dark letters, dark behind light ones. */
export const contrasting = (colour: string) => (Number.parseInt(colour.slice(1, 3), 16) < 128 ? '#fffdf8' : '#22293a')

type Letters = Pick<TextFinish, 'edge' | 'shadow'>

interface Props {
  letters: Letters
  /** Of the words, points. */
  sizePt: number
  colour: string
  format: UnitFormat
  /** What changes of them. */
  onPreview: (letters: Letters) => void
  onCommit: (letters: Letters) => void
}

/** An edge around letters and the shadow that they throw. Measures begin as parts of their size. */
export function LetterFields({ letters, sizePt, colour, format, onPreview, onCommit }: Props) {
  const em = (sizePt / 72) * 25_400
  const edge = letters.edge ?? { width: 0, colour: contrasting(colour) }
  const shadow = letters.shadow ?? {
    kind: 'shadow' as const,
    height: atLeast(em / 16),
    softness: atLeast(em / 8),
    strength: 0,
    colour: '#22293a',
  }
  const withEdge = (to: typeof edge): Letters => ({ edge: to.width > 0 ? to : undefined })
  const withShadow = (to: typeof shadow): Letters => ({ shadow: to.strength > 0 ? to : undefined })
  const length = (label: string, value: number, most: number, of: (length: number) => Letters) => (
    <LengthSlider
      label={label}
      value={value}
      most={most}
      format={format}
      onPreview={(one) => onPreview(of(one))}
      onCommit={(one) => onCommit(of(one))}
    />
  )
  return (
    <>
      {length('Edge of the letters', edge.width, em / 5, (width) => withEdge({ ...edge, width }))}
      {letters.edge && (
        <ColourChoice
          label="Edge’s colour"
          value={edge.colour}
          onPreview={(one) => onPreview(withEdge({ ...edge, colour: one }))}
          onCommit={(one) => onCommit(withEdge({ ...edge, colour: one }))}
        />
      )}
      <PercentSlider
        label="Shadow of the letters"
        value={shadow.strength}
        onPreview={(strength) => onPreview(withShadow({ ...shadow, strength }))}
        onCommit={(strength) => onCommit(withShadow({ ...shadow, strength }))}
      />
      {letters.shadow && (
        <div className="grid grid-cols-2 gap-2">
          {length('Lies above by', shadow.height, em / 3, (height) => withShadow({ ...shadow, height }))}
          {length('Softness', shadow.softness, em / 2, (softness) => withShadow({ ...shadow, softness }))}
        </div>
      )}
    </>
  )
}
