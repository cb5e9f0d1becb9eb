import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { client, data, type Dress } from '../../api/client'
import { ColourField } from '../../ui/ColourField'
import { Field, inputLook } from '../../ui/Field'
import { LengthSlider } from '../../ui/LengthSlider'
import { NumberField } from '../../ui/NumberField'
import { useRoom } from '../context'
import { Part } from './Part'

/** How all pages and frames look. Sliders and colours show their effect on the bench before they are let go. */
export function DressDrawer() {
  const { stored, handle } = useRoom()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const typefaces = useQuery({
    queryKey: ['typefaces'],
    queryFn: () => data(client.GET('/api/measure/typefaces')),
    staleTime: Infinity,
  }).data
  const { dress, format } = stored
  const { captions } = dress
  const with_ = (change: Partial<Dress>) => ({ kind: 'setDress' as const, dress: { ...dress, ...change } })
  const set = (change: Partial<Dress>) =>
    void handle.edit(with_(change), { quiet: true }).then((problem) => {
      setWrong(problem && { field: problem.field, message: problem.message })
      if (problem) handle.preview(null)
    })
  const show = (change: Partial<Dress>) => handle.preview(with_(change))
  const caption = (change: Partial<typeof captions>) => ({ captions: { ...captions, ...change } })
  const about = (field: string) => (wrong?.field === field ? wrong.message : undefined)
  const shorter = Math.min(format.width, format.height)
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
        <LengthSlider
          label="Border width"
          value={dress.borderWidth}
          most={shorter / 40}
          format={format}
          wrong={about('borderWidth')}
          onPreview={(borderWidth) => show({ borderWidth })}
          onCommit={(borderWidth) => set({ borderWidth })}
        />
        <ColourField
          label="Border colour"
          value={dress.borderColour}
          onPreview={(borderColour) => show({ borderColour })}
          onCommit={(borderColour) => set({ borderColour })}
        />
        <LengthSlider
          label="Corner radius"
          value={dress.cornerRadius}
          most={shorter / 12}
          format={format}
          wrong={about('cornerRadius')}
          onPreview={(cornerRadius) => show({ cornerRadius })}
          onCommit={(cornerRadius) => set({ cornerRadius })}
        />
      </Part>
      <Part title="Captions">
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={captions.show === 'BELOW'}
            onChange={(event) => set(caption({ show: event.target.checked ? 'BELOW' : 'NONE' }))}
          />
          Below each photo
        </label>
        <Field label="Typeface">
          {(ids) => (
            <select
              {...ids}
              className={inputLook}
              value={captions.typeface}
              onChange={(event) => set(caption({ typeface: event.target.value }))}
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
            onCommit={(sizePt) => set(caption({ sizePt }))}
          />
          <NumberField
            label="Lines kept"
            value={captions.lines}
            min={1}
            max={4}
            onCommit={(lines) => set(caption({ lines }))}
          />
        </div>
        {about('captions') && (
          <p role="alert" className="text-[13px] leading-4 text-madder">
            {about('captions')}
          </p>
        )}
        <ColourField
          label="Caption colour"
          value={captions.colour}
          onPreview={(colour) => show(caption({ colour }))}
          onCommit={(colour) => set(caption({ colour }))}
        />
      </Part>
    </>
  )
}
