import { Choice } from '../../../fields/Choice'
import { PercentSlider } from '../../../fields/PercentSlider'
import type { Frame } from '../../piece/model'

type Fading = NonNullable<Frame['fading']>

const FORMS: Record<Fading['form'] | 'NONE', string> = {
  NONE: 'nowhere',
  SIDE: 'towards a side',
  MIDDLE: 'from the middle outwards',
}

const SIDES: Record<string, string> = {
  0: 'the upper side',
  45: 'the upper right corner',
  90: 'the right side',
  135: 'the lower right corner',
  180: 'the lower side',
  225: 'the lower left corner',
  270: 'the left side',
  315: 'the upper left corner',
}

export const BEGINS: Record<Fading['form'], Fading> = {
  SIDE: { form: 'SIDE', towardsDegrees: 180, start: 0.5, end: 1 },
  MIDDLE: { form: 'MIDDLE', towardsDegrees: 180, start: 0.6, end: 1 },
}
const LEAST = 0.01
const MOST = 1.5

interface Props {
  fading: Fading | undefined
  onPreview: (fading: Fading) => void
  /** Takes a change of what is there by then: two fields may be changed faster than the first is answered. */
  onCommit: (change: (now: Fading) => Fading | undefined) => void
}

/** How something grows faint: where to, where that begins, and where nothing is left. */
export function FadingFields({ fading, onPreview, onCommit }: Props) {
  const share = (
    now: Fading,
    label: string,
    value: number,
    most: number,
    of: (now: Fading, share: number) => Fading,
  ) => (
    <PercentSlider
      label={label}
      value={value}
      most={100 * most}
      onPreview={(one) => onPreview(of(now, one))}
      onCommit={(one) => onCommit((then) => of(then, one))}
    />
  )
  return (
    <>
      <Choice
        label="Grows faint"
        options={FORMS}
        value={fading?.form ?? 'NONE'}
        onChange={(form) => onCommit(() => (form === 'NONE' ? undefined : BEGINS[form]))}
      />
      {fading?.form === 'SIDE' && (
        <Choice
          label="Towards"
          options={SIDES}
          value={String(fading.towardsDegrees)}
          onChange={(degrees) => onCommit((now) => ({ ...now, towardsDegrees: Number(degrees) }))}
        />
      )}
      {fading && (
        <div className="grid grid-cols-2 gap-2">
          {share(fading, 'Solid until', fading.start, 1, (now, start) => ({
            ...now,
            start,
            end: Math.max(now.end, start + LEAST),
          }))}
          {share(fading, 'Gone at', fading.end, MOST, (now, end) => ({
            ...now,
            start: Math.max(0, Math.min(now.start, end - LEAST)),
            end: Math.max(LEAST, end),
          }))}
        </div>
      )}
    </>
  )
}
