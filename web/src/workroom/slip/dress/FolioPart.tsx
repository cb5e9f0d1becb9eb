import type { Folio } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { LengthSlider } from '../../../measure/LengthSlider'
import { systemOf } from '../../../shelf/intentions'
import { useRoom } from '../../context'
import { ColourChoice } from '../../paint/ColourChoice'
import { useTrial } from '../../useTrial'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { Part } from '../Part'

const PLACES: Record<Folio['place'] | 'NONE', string> = {
  NONE: 'nowhere',
  FOOT_OUTER: 'at the foot, outside',
  FOOT_CENTRE: 'at the foot, in the middle',
  HEAD_OUTER: 'at the head, outside',
  HEAD_CENTRE: 'at the head, in the middle',
}
const RUNNING: Record<Folio['running'], string> = {
  NONE: 'nothing',
  PIECE: 'the name of the piece',
  CHAPTER: 'the title of the chapter',
}
const EDGE = { metric: 6_000, inch: 6_350 }

/** The numbers of the pages and what runs beside them, for all pages; and whether the one on the bench has one. */
export function FolioPart() {
  const { stored, storedPage } = useRoom()
  const trial = useTrial()
  const { folio, captions } = stored.styles
  const usual: Folio = {
    place: 'FOOT_OUTER',
    running: 'NONE',
    typeface: captions.typeface,
    sizePt: 9,
    colour: captions.colour,
    edge: EDGE[systemOf(stored.format.unit)],
    first: 1,
  }
  const show = (change: Partial<Folio>) => trial.show({ kind: 'setFolio', folio: { ...(folio ?? usual), ...change } })
  const set = (change: Partial<Folio>) =>
    trial.set(({ stored: now }) => ({ kind: 'setFolio', folio: { ...(now.styles.folio ?? usual), ...change } }))
  return (
    <Part title="Page numbers" folded={!folio}>
      <Choice
        label="Numbers stand"
        options={PLACES}
        value={folio?.place ?? 'NONE'}
        onChange={(place) => (place === 'NONE' ? trial.set({ kind: 'setFolio' }) : set({ place }))}
      />
      {folio && (
        <>
          <Choice
            label="Beside them runs"
            options={RUNNING}
            value={folio.running}
            onChange={(running) => set({ running })}
          />
          <TypefaceChoice label="Typeface" value={folio.typeface} onChange={(typeface) => set({ typeface })} />
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label="Size"
              suffix="pt"
              value={folio.sizePt}
              min={4}
              max={72}
              decimals={1}
              onCommit={(sizePt) => set({ sizePt })}
            />
            <NumberField
              label="The first page is"
              value={folio.first}
              min={-999}
              max={9999}
              onCommit={(first) => set({ first })}
            />
          </div>
          <LengthSlider
            label="From the trim"
            value={folio.edge}
            most={Math.min(100_000, stored.format.height / 8)}
            format={stored.format}
            onPreview={(edge) => show({ edge })}
            onCommit={(edge) => set({ edge })}
          />
          <ColourChoice
            label="Colour of the numbers"
            value={folio.colour}
            onPreview={(colour) => show({ colour })}
            onCommit={(colour) => set({ colour })}
          />
          <label className="flex items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-woad"
              checked={storedPage.numbered}
              onChange={(event) =>
                trial.set({ kind: 'numberPages', pageIds: [storedPage.id], numbered: event.target.checked })
              }
            />
            A number on this page
          </label>
          <p className="text-[13px] leading-4 text-soft">Where a photo lies, there is none.</p>
        </>
      )}
    </Part>
  )
}
