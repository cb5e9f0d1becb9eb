import type { TextFinish } from '../../api/client'
import { NumberField } from '../../fields/NumberField'
import { PercentSlider } from '../../fields/PercentSlider'
import { LengthSlider } from '../../measure/LengthSlider'
import type { UnitFormat } from '../../measure/units'
import { ColourChoice } from '../paint/ColourChoice'
import { Part } from '../slip/Part'
import { atLeast, contrasting, LetterFields } from './LetterFields'

const MOST_COLUMNS = 6

interface Props {
  finish: TextFinish
  /** Of the words, points. */
  sizePt: number
  colour: string
  /** Whether they run straight, in a frame that they may fill. */
  runs: boolean
  format: UnitFormat
  /** What changes of it. */
  onPreview: (change: Partial<TextFinish>) => void
  onCommit: (change: Partial<TextFinish>) => void
}

/** What makes words stand out, and how long ones run. Measures begin as parts of their size. */
export function FinishFields({ finish, sizePt, colour, runs, format, onPreview, onCommit }: Props) {
  const em = (sizePt / 72) * 25_400
  const paper = contrasting(colour)
  const panel = finish.panel ?? { colour: paper, opacity: 0, pad: atLeast(em / 3), radius: 0 }
  const columns = finish.columns
  const withPanel = (to: typeof panel) => ({ panel: to.opacity > 0 ? to : undefined })
  const colourOf = (label: string, value: string, of: (colour: string) => Partial<TextFinish>) => (
    <ColourChoice
      label={label}
      value={value}
      onPreview={(one) => onPreview(of(one))}
      onCommit={(one) => onCommit(of(one))}
    />
  )
  const length = (label: string, value: number, most: number, of: (length: number) => Partial<TextFinish>) => (
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
    <Part
      title="Edge, shadow, ground of the words"
      folded={!finish.edge && !finish.shadow && !finish.panel && !columns}
    >
      {runs && (
        <div className="grid grid-cols-2 items-end gap-2">
          <NumberField
            label="Columns"
            value={columns?.count ?? 1}
            min={1}
            max={MOST_COLUMNS}
            onCommit={(count) =>
              onCommit({
                columns: count > 1 ? { count, gap: columns?.gap ?? atLeast(1.5 * em) } : undefined,
              })
            }
          />
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-woad"
              checked={finish.hyphenated}
              onChange={(event) => onCommit({ hyphenated: event.target.checked })}
            />
            Part words
          </label>
        </div>
      )}
      {columns && runs && length('Between columns', columns.gap, 4 * em, (gap) => ({ columns: { ...columns, gap } }))}
      <LetterFields
        letters={finish}
        sizePt={sizePt}
        colour={colour}
        format={format}
        onPreview={onPreview}
        onCommit={onCommit}
      />
      <PercentSlider
        label="Ground of the words"
        value={panel.opacity}
        onPreview={(opacity) => onPreview(withPanel({ ...panel, opacity }))}
        onCommit={(opacity) => onCommit(withPanel({ ...panel, opacity }))}
      />
      {finish.panel && (
        <>
          {colourOf('Ground’s colour', panel.colour, (one) => withPanel({ ...panel, colour: one }))}
          <div className="grid grid-cols-2 gap-2">
            {length('Larger by', panel.pad, 2 * em, (pad) => withPanel({ ...panel, pad }))}
            {length('Corners', panel.radius, em, (radius) => withPanel({ ...panel, radius }))}
          </div>
        </>
      )}
    </Part>
  )
}
