import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import { useQuery } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { client, data, type FinishedSize, type Format, type LengthUnit, Problem } from '../api/client'
import { LengthField, lengthsTaken } from '../measure/LengthField'
import { saySize, unitNames } from '../measure/units'
import { Button } from '../ui/Button'
import { Field, inputLook } from '../ui/Field'
import { NumberField } from '../ui/NumberField'

const START: Format = { width: 300_000, height: 200_000, bleed: 3000, unit: 'CM', resolution: 300 }
const FORM = { name: '', format: START, margin: 15_000 }
const UNITS = Object.keys(unitNames) as LengthUnit[]

/** A new piece begins from what will be held: its size, drawn to scale, then margin and bleed. */
export function NewPiece({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-[#22293a]/45" />
      <div className="fixed inset-0 flex items-center justify-center overflow-y-auto p-6">
        <DialogPanel className="grid max-h-full w-[54rem] grid-cols-[19rem_1fr] overflow-hidden border border-line bg-linen shadow-xl">
          <NewPieceForm onClose={onClose} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function NewPieceForm({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate()
  const [form, setForm] = useState(FORM)
  // A length may be taken just before the start; its answer must not wait for the next rendering to count.
  const latest = useRef(FORM)
  const change = (part: Partial<typeof FORM>) => {
    latest.current = { ...latest.current, ...part }
    setForm(latest.current)
  }
  const sized = (part: Partial<Format>) => change({ format: { ...latest.current.format, ...part } })
  const { name, format, margin } = form
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const [busy, setBusy] = useState(false)
  const sizes =
    useQuery({ queryKey: ['sizes'], queryFn: () => data(client.GET('/api/measure/sizes')), staleTime: Infinity })
      .data ?? []
  const about = (field: string) => (wrong?.field === field ? wrong.message : undefined)
  const wide = format.width >= format.height

  const choose = (size: FinishedSize) => {
    const [short, long] = [size.width, size.height]
    sized({ unit: size.unit, width: wide ? long : short, height: wide ? short : long })
    change({ margin: Math.round(short / 20 / 1000) * 1000 })
  }
  const turn = (toWide: boolean) => toWide !== wide && sized({ width: format.height, height: format.width })
  const start = async () => {
    if (!(await lengthsTaken())) return
    setBusy(true)
    try {
      const made = await data(client.POST('/api/pieces', { body: latest.current }))
      await navigate(`/pieces/${made.id}/gather`)
    } catch (problem) {
      setWrong(problem instanceof Problem ? problem : { message: String(problem) })
      setBusy(false)
    }
  }
  const families = [...new Set(sizes.map(({ family }) => family))]
  return (
    <>
      <div className="max-h-[38rem] overflow-y-auto border-r border-line bg-paper p-5">
        <h3 className="mb-2 font-semibold">Common sizes</h3>
        {families.map((family) => (
          <section key={family} className="mb-3">
            <h4 className="mb-1 text-[13px] text-soft">{family}</h4>
            <ul className="grid grid-cols-2 gap-1">
              {sizes
                .filter((size) => size.family === family)
                .map((size) => {
                  const chosen =
                    Math.min(format.width, format.height) === size.width &&
                    Math.max(format.width, format.height) === size.height
                  return (
                    <li key={size.id}>
                      <button
                        type="button"
                        aria-pressed={chosen}
                        onClick={() => choose(size)}
                        className={`h-8 w-full border px-2 text-left ${chosen ? 'border-woad bg-wash font-semibold' : 'border-line hover:border-woad'}`}
                      >
                        {size.name}
                      </button>
                    </li>
                  )
                })}
            </ul>
          </section>
        ))}
      </div>
      <form
        className="flex flex-col gap-3 p-5"
        onSubmit={(event) => {
          event.preventDefault()
          void start()
        }}
      >
        <DialogTitle className="text-lg font-semibold">What will you hold?</DialogTitle>
        <Field label="Name" wrong={about('name')}>
          {(ids) => (
            <input
              {...ids}
              autoFocus
              className={inputLook}
              value={name}
              onChange={(event) => change({ name: event.target.value })}
              placeholder="Summer by the sea"
            />
          )}
        </Field>
        <div className="grid grid-cols-3 gap-3">
          <LengthField
            label="Width"
            value={format.width}
            format={format}
            wrong={about('width')}
            onCommit={(width) => sized({ width })}
          />
          <LengthField
            label="Height"
            value={format.height}
            format={format}
            wrong={about('height')}
            onCommit={(height) => sized({ height })}
          />
          <Field label="Unit">
            {(ids) => (
              <select
                {...ids}
                className={inputLook}
                value={format.unit}
                onChange={(event) => sized({ unit: event.target.value as LengthUnit })}
              >
                {UNITS.map((unit) => (
                  <option key={unit} value={unit}>
                    {unitNames[unit]}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <LengthField
            label="Margin"
            value={margin}
            format={format}
            wrong={about('margins')}
            onCommit={(margin) => change({ margin })}
          />
          <LengthField
            label="Bleed"
            value={format.bleed}
            format={format}
            wrong={about('bleed')}
            onCommit={(bleed) => sized({ bleed })}
          />
          <NumberField
            label="Resolution"
            suffix="ppi"
            value={format.resolution}
            min={20}
            max={1200}
            onCommit={(resolution) => sized({ resolution })}
          />
        </div>
        <div role="radiogroup" aria-label="Which way up" className="grid w-56 grid-cols-2">
          {[false, true].map((one) => (
            <button
              key={String(one)}
              type="button"
              role="radio"
              aria-checked={wide === one}
              onClick={() => turn(one)}
              className={`h-8 border ${wide === one ? 'border-woad bg-wash font-semibold' : 'border-line bg-paper hover:border-woad'}`}
            >
              {one ? 'Wide' : 'Upright'}
            </button>
          ))}
        </div>
        <ToScale format={format} margin={margin} />
        {wrong && !wrong.field && (
          <p role="alert" className="text-madder">
            {wrong.message}
          </p>
        )}
        <div className="mt-auto flex justify-end gap-2">
          <Button look="quiet" onClick={onClose}>
            Not now
          </Button>
          <Button look="primary" type="submit" disabled={busy}>
            Start this piece
          </Button>
        </div>
      </form>
    </>
  )
}

const VIEW = { width: 440, height: 190 }
const HAND_MM = 185

/** The sheet beside a pencil of the usual 18.5 cm, so that its size can be felt. */
function ToScale({ format, margin }: { format: Format; margin: number }) {
  const width = format.width / 1000
  const height = format.height / 1000
  const scale = Math.min((VIEW.width - 70) / Math.max(width, 1), (VIEW.height - 30) / Math.max(height, HAND_MM))
  const [w, h, m] = [width * scale, height * scale, (margin / 1000) * scale]
  const pencil = HAND_MM * scale
  const floor = VIEW.height - 6
  return (
    <svg
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      className="w-full bg-mat"
      role="img"
      aria-label={`The sheet, ${saySize(format.width, format.height, format)}, beside a pencil`}
    >
      <rect x={20} y={floor - h} width={w} height={h} className="fill-paper stroke-soft" strokeWidth="0.7" />
      {w > 2 * m && h > 2 * m && (
        <rect
          x={20 + m}
          y={floor - h + m}
          width={w - 2 * m}
          height={h - 2 * m}
          fill="none"
          className="stroke-woad"
          strokeDasharray="3 3"
          strokeWidth="0.8"
        />
      )}
      <g transform={`translate(${Math.min(VIEW.width - 14, 34 + w)} ${floor})`} className="fill-weld">
        <path d={`M-3 0V${-pencil * 0.9}L0 ${-pencil}L3 ${-pencil * 0.9}V0Z`} />
        <path d={`M-1 ${-pencil * 0.966}L0 ${-pencil}L1 ${-pencil * 0.966}Z`} className="fill-ink" />
      </g>
    </svg>
  )
}
