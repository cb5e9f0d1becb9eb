import { adjustedPicture, type Edit, type Treatment } from '../../../api/client'
import { ColourField } from '../../../fields/ColourField'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { useColourOffers } from '../../paint/useColourOffers'
import type { Frame } from '../../piece/model'
import { useTrial } from '../../useTrial'
import { useTryOut } from '../../useTryOut'
import { Part } from '../Part'

type Kind = Treatment['kind']

const KINDS: { kind: Kind; name: string; colours?: string[] }[] = [
  { kind: 'GREY', name: 'Greys' },
  { kind: 'GREY_RED', name: 'Red glass' },
  { kind: 'GREY_GREEN', name: 'Green glass' },
  { kind: 'GREY_BLUE', name: 'Blue glass' },
  { kind: 'SEPIA', name: 'Brown' },
  { kind: 'TWO_COLOURS', name: 'Two colours', colours: ['Shadows', 'Lights'] },
  { kind: 'ONE_HUE', name: 'One hue', colours: ['Hue'] },
  { kind: 'FADED', name: 'Faded' },
  { kind: 'COOL', name: 'Cool' },
  { kind: 'WARM', name: 'Warm' },
  { kind: 'POSTER', name: 'Few tones' },
  { kind: 'BRUSH', name: 'Brush' },
  { kind: 'PENCIL', name: 'Pencil' },
  { kind: 'INK', name: 'Ink lines', colours: ['Ink', 'Paper'] },
  { kind: 'GLOW', name: 'Bright lines' },
  { kind: 'PIXELS', name: 'Squares' },
]
const WHOLE = 100
/** Of the small pictures to choose by; sharp on a screen of two dots a pixel. */
const EDGE_PX = 180

/** A look that the photos in these frames take on as a whole, shown on the person’s own photo. */
export function TreatmentPart({ frames }: { frames: Frame[] }) {
  const { page } = useRoom()
  const trial = useTrial()
  const offers = useColourOffers()
  const shown = frames.filter(({ entry, forPhotos }) => entry && forPhotos)
  const itemIds = shown.map(({ id }) => id)
  const edit = (treatment?: Treatment): Edit => ({
    kind: 'patchItems',
    pageId: page.id,
    itemIds,
    change: { kind: 'setTreatment', treatment },
  })
  const trying = useTryOut<Treatment | 'none'>(
    (choice) => void (choice ? trial.show(edit(choice === 'none' ? undefined : choice)) : trial.end()),
  )
  const [first] = shown
  if (!first?.photo) return null
  const { photo } = first
  const now = first.adjusted.treatment
  const colours = KINDS.find(({ kind }) => kind === now?.kind)?.colours ?? []
  const wrong = trial.aboutOthers([])
  const card = (pressed: boolean) =>
    `block w-full border bg-paper p-0.5 text-left ${pressed ? 'border-woad outline-1 outline-woad' : 'border-line hover:border-woad'}`
  const small = (treatment?: Treatment) => (
    <img
      alt=""
      loading="lazy"
      draggable={false}
      src={adjustedPicture(photo, { amounts: first.adjusted.amounts, treatment }, EDGE_PX)}
      className="aspect-4/3 w-full bg-linen object-cover"
    />
  )
  return (
    <Part title="Treatment" folded={!now}>
      <ul aria-label="Treatments" className="grid grid-cols-3 gap-1.5">
        <li>
          <button
            type="button"
            aria-pressed={!now}
            className={card(!now)}
            {...trying('none', 'none')}
            onClick={() => trial.set(edit())}
          >
            {small()}
            <span className="block truncate px-0.5 text-xs leading-5">As it is</span>
          </button>
        </li>
        {KINDS.map(({ kind, name }) => {
          const treatment: Treatment = { kind, strength: now?.strength ?? WHOLE, colours: [] }
          const pressed = now?.kind === kind
          return (
            <li key={kind}>
              <button
                type="button"
                aria-pressed={pressed}
                className={card(pressed)}
                {...trying(kind, treatment)}
                onClick={() => trial.set(edit(treatment))}
              >
                {small({ ...treatment, strength: WHOLE })}
                <span className="block truncate px-0.5 text-xs leading-5">{name}</span>
              </button>
            </li>
          )
        })}
      </ul>
      {now && (
        <PercentSlider
          label="Strength"
          value={now.strength / 100}
          onPreview={(share) => share > 0 && void trial.show(edit({ ...now, strength: 100 * share }))}
          onCommit={(share) => trial.set(edit(share > 0 ? { ...now, strength: 100 * share } : undefined))}
        />
      )}
      {now && colours.length > 0 && (
        <div className="grid grid-cols-2 gap-3">
          {colours.map((label, index) => {
            const to = (colour: string) =>
              edit({ ...now, colours: now.colours.map((one, at) => (at === index ? colour : one)) })
            return (
              <ColourField
                key={label}
                label={label}
                value={now.colours[index] ?? '#000000'}
                offers={offers}
                onTry={(colour) => void (colour ? trial.show(to(colour)) : trial.end())}
                onCommit={(colour) => trial.set(to(colour))}
              />
            )
          })}
        </div>
      )}
      {wrong && <Wrong>{wrong}</Wrong>}
    </Part>
  )
}
