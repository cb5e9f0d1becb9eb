import { useQuery } from '@tanstack/react-query'
import { type Border, client, data, type Dress } from '../../api/client'
import { ColourField } from '../../ui/ColourField'
import { Field, inputLook } from '../../ui/Field'
import { NumberField } from '../../ui/NumberField'
import { BorderFields } from '../BorderFields'
import { commonBorder } from '../borders'
import { Wrong } from '../../ui/Wrong'
import { useRoom } from '../context'
import { useTrial } from '../useTrial'
import { Part } from './Part'

/** How all pages and frames look. Sliders and colours show their effect on the bench before they are let go. */
export function DressDrawer() {
  const { stored } = useRoom()
  const trial = useTrial()
  const { about } = trial
  const others = trial.aboutOthers(['borderWidth', 'cornerRadius'])
  const typefaces = useQuery({
    queryKey: ['typefaces'],
    queryFn: () => data(client.GET('/api/measure/typefaces')),
    staleTime: Infinity,
  }).data
  const { dress, format } = stored
  const { captions } = dress
  const with_ = (change: Partial<Dress>) => ({ kind: 'setDress' as const, dress: { ...dress, ...change } })
  const set = (change: Partial<Dress>) =>
    trial.set(({ stored: now }) => ({ kind: 'setDress', dress: { ...now.dress, ...change } }))
  const show = (change: Partial<Dress>) => trial.show(with_(change))
  const bordered = ({ width, colour, radius }: Partial<Border>): Partial<Dress> => ({
    ...(width !== undefined && { borderWidth: width }),
    ...(colour !== undefined && { borderColour: colour }),
    ...(radius !== undefined && { cornerRadius: radius }),
  })
  const own = stored.pages.flatMap(({ frames }) => frames).filter(({ border }) => border).length
  const caption = (change: Partial<typeof captions>) => ({ captions: { ...captions, ...change } })
  const setCaption = (change: Partial<typeof captions>) =>
    trial.set(({ stored: now }) => ({
      kind: 'setDress',
      dress: { ...now.dress, captions: { ...now.dress.captions, ...change } },
    }))
  return (
    <>
      <Part title="Page">
        <ColourField
          label="Page colour"
          value={dress.pageColour}
          onPreview={(pageColour) => show({ pageColour })}
          onCommit={(pageColour) => set({ pageColour })}
        />
      </Part>
      <Part title="Frames">
        <BorderFields
          border={commonBorder(dress)}
          format={format}
          wrong={about}
          onPreview={(change) => show(bordered(change))}
          onCommit={(change) => set(bordered(change))}
        />
        {own > 0 && (
          <p className="text-[13px] leading-4 text-soft">
            {own === 1 ? 'One frame has a border' : `${own} frames have borders`} of {own === 1 ? 'its' : 'their'} own;
            the ticket of a frame shows it.
          </p>
        )}
      </Part>
      <Part title="Captions">
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={captions.show === 'BELOW'}
            onChange={(event) => setCaption({ show: event.target.checked ? 'BELOW' : 'NONE' })}
          />
          Below each photo
        </label>
        <Field label="Typeface">
          {(ids) => (
            <select
              {...ids}
              className={inputLook}
              value={captions.typeface}
              onChange={(event) => setCaption({ typeface: event.target.value })}
            >
              {(typefaces ?? [captions.typeface]).map((name) => (
                <option key={name}>{name}</option>
              ))}
            </select>
          )}
        </Field>
        <div className="grid grid-cols-2 gap-2">
          <NumberField
            label="Size"
            suffix="pt"
            value={captions.sizePt}
            min={4}
            max={144}
            decimals={1}
            onCommit={(sizePt) => setCaption({ sizePt })}
          />
          <NumberField
            label="Lines kept"
            value={captions.lines}
            min={1}
            max={4}
            onCommit={(lines) => setCaption({ lines })}
          />
        </div>
        {others && <Wrong>{others}</Wrong>}
        <ColourField
          label="Caption colour"
          value={captions.colour}
          onPreview={(colour) => show(caption({ colour }))}
          onCommit={(colour) => setCaption({ colour })}
        />
      </Part>
    </>
  )
}
