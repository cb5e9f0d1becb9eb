import type { CaptionStyle } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Wrong } from '../../../fields/Wrong'
import { LengthSlider } from '../../../measure/LengthSlider'
import { useRoom } from '../../context'
import { ColourChoice } from '../../paint/ColourChoice'
import { useTrial } from '../../useTrial'
import { LetterFields } from '../../words/LetterFields'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { Part } from '../Part'
import { CaptionsShown } from './CaptionsShown'

const PLACES: Record<CaptionStyle['place'], string> = {
  BELOW: 'below the photo',
  ABOVE: 'above the photo',
  LEFT: 'beside the photo, at its left',
  RIGHT: 'beside the photo, at its right',
  ON_PICTURE: 'on the photo, on a ground to read them',
}

/** How the words with photos look, and where room is kept for them. */
export function CaptionsPart() {
  const { stored } = useRoom()
  const trial = useTrial()
  const { format } = stored
  const { captions } = stored.styles
  const wrong = trial.aboutOthers([])
  const beside = captions.place === 'LEFT' || captions.place === 'RIGHT'
  const show = (change: Partial<CaptionStyle>) =>
    trial.show({ kind: 'setCaptionStyle', captions: { ...captions, ...change } })
  const set = (change: Partial<CaptionStyle>) =>
    trial.set(({ stored: now }) => ({ kind: 'setCaptionStyle', captions: { ...now.styles.captions, ...change } }))
  return (
    <Part title="Captions">
      <CaptionsShown label="Words stand" />
      {captions.show !== 'NONE' && (
        <Choice label="Where" options={PLACES} value={captions.place} onChange={(place) => set({ place })} />
      )}
      {captions.show !== 'NONE' && beside && (
        <LengthSlider
          label="Room beside the photo"
          value={captions.beside}
          most={Math.min(format.width / 2, 300_000)}
          format={format}
          onPreview={(to) => show({ beside: to })}
          onCommit={(to) => set({ beside: to })}
        />
      )}
      <TypefaceChoice label="Typeface" value={captions.typeface} onChange={(typeface) => set({ typeface })} />
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Size"
          suffix="pt"
          value={captions.sizePt}
          min={4}
          max={144}
          decimals={1}
          onCommit={(sizePt) => set({ sizePt })}
        />
        {!beside && (
          <NumberField
            label="Lines at most"
            value={captions.lines}
            min={1}
            max={4}
            onCommit={(lines) => set({ lines })}
          />
        )}
      </div>
      {wrong && <Wrong>{wrong}</Wrong>}
      <ColourChoice
        label="Caption colour"
        value={captions.colour}
        onPreview={(colour) => show({ colour })}
        onCommit={(colour) => set({ colour })}
      />
      <PercentSlider
        label="Letter gap"
        value={captions.tracking}
        onPreview={(tracking) => show({ tracking })}
        onCommit={(tracking) => set({ tracking })}
      />
      <LetterFields
        letters={captions}
        sizePt={captions.sizePt}
        colour={captions.colour}
        format={format}
        onPreview={show}
        onCommit={set}
      />
    </Part>
  )
}
