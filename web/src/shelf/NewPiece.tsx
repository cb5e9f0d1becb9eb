import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import { ChevronRight } from 'lucide-react'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { client, data, type Format, type LengthUnit, Problem } from '../api/client'
import { allTaken } from '../fields/taking'
import { LengthField } from '../measure/LengthField'
import { say, saySize, unitNames } from '../measure/units'
import { Button } from '../ui/Button'
import { Choice } from '../fields/Choice'
import { Field, inputLook } from '../fields/Field'
import { NumberField } from '../fields/NumberField'
import { IntentionMark } from './IntentionMark'
import { type Intention, INTENTIONS, kindOf, systemOf } from './intentions'
import { asFolded, asPrints, fill } from './starting'
import { ToScale, TrimExplained } from './ToScale'

const UNITS = Object.keys(unitNames) as LengthUnit[]
const UNIT = 'wovenset.unit'
const PRINT_PPI = 300
/** Fields that are folded at first. */
const FOLDED = ['margins', 'gap', 'bleed', 'resolution']

interface Wish {
  name: string
  format: Format
  margin: number
  gap?: number
  cell?: { width: number; height: number }
  /** Whether it is a card of four pages. */
  folded?: boolean
}

const usualUnit = () => UNITS.find((unit) => unit === localStorage.getItem(UNIT)) ?? 'CM'

/** What is natural for an intention in a unit; the name that was typed stays. */
function wishFor(intention: Intention, unit: LengthUnit, name: string): Wish {
  const system = systemOf(unit)
  const [[width, height] = [300_000, 200_000]] = intention.sizes[system]
  const cell = intention.cells?.[system][0]
  return {
    name,
    format: { width, height, bleed: intention.bleed[system], unit, resolution: PRINT_PPI },
    margin: intention.margin[system],
    gap: intention.gap?.[system],
    cell: cell && { width: cell[0], height: cell[1] },
  }
}

/** A new piece begins from what somebody means to make, and then from what will be held. */
export function NewPiece({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog open={open} onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-[#22293a]/45" />
      <div className="fixed inset-0 flex items-center justify-center overflow-y-auto p-4">
        <DialogPanel className="grid max-h-full w-[58rem] grid-cols-[17rem_1fr] overflow-hidden border border-line bg-linen shadow-xl max-[900px]:grid-cols-1">
          <NewPieceForm onClose={onClose} />
        </DialogPanel>
      </div>
    </Dialog>
  )
}

function NewPieceForm({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate()
  const [intention, intend] = useState<Intention>(INTENTIONS[0] as Intention)
  const first = wishFor(intention, usualUnit(), '')
  const [wish, setWish] = useState(first)
  // A length may be taken just before the start; its answer must not wait for the next rendering to count.
  const latest = useRef(first)
  const change = (part: Partial<Wish>) => {
    latest.current = { ...latest.current, ...part }
    setWish(latest.current)
  }
  const sized = (part: Partial<Format>) => change({ format: { ...latest.current.format, ...part } })
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const [busy, setBusy] = useState(false)
  const [more, showMore] = useState(false)
  const about = (field: string) => (wrong?.field === field ? wrong.message : undefined)
  const { name, format, margin, cell } = wish
  const system = systemOf(format.unit)

  const choose = (one: Intention) => {
    intend(one)
    change(wishFor(one, format.unit, name))
  }
  const turnUnit = (unit: LengthUnit) => {
    localStorage.setItem(UNIT, unit)
    // Sizes natural in inches are not those natural in millimetres.
    if (systemOf(unit) === system) sized({ unit })
    else change(wishFor(intention, unit, name))
  }
  const start = async () => {
    if (!(await allTaken())) return
    setBusy(true)
    try {
      const { cell: cells, gap, folded, ...body } = latest.current
      const named =
        body.name.trim() === '' ? intention.name.replace(/^An? /, '').replace(/^./, (a) => a.toUpperCase()) : body.name
      const made = await data(
        client.POST('/api/pieces', { body: { ...body, gap, name: named, kind: kindOf(intention) } }),
      )
      const filled = cells && (await fill(made.id, made.revision, made.pages[0]?.id ?? '', cells))
      if (folded) await asFolded(made.id, made.revision, made.pages[0]?.id ?? '')
      if (intention.id === 'prints') await asPrints(made.id, filled ?? made.revision, made.head.styles.captions)
      await navigate(`/pieces/${made.id}/gather`)
    } catch (problem) {
      const told = problem instanceof Problem ? problem : { message: String(problem) }
      setWrong(told)
      if ('field' in told && FOLDED.includes(told.field ?? '')) showMore(true)
      setBusy(false)
    }
  }
  const length = (label: string, key: 'margin' | 'gap', field: string) => (
    <LengthField
      label={label}
      value={wish[key] ?? 0}
      format={format}
      wrong={about(field)}
      onCommit={(value) => change({ [key]: value })}
    />
  )
  const chip = (chosen: boolean) =>
    `h-8 border px-2.5 whitespace-nowrap ${chosen ? 'border-woad bg-wash font-semibold' : 'border-edge bg-paper hover:border-woad'}`
  return (
    <>
      <div
        role="radiogroup"
        aria-label="What will it be?"
        className="overflow-y-auto border-r border-line bg-paper p-2"
      >
        {INTENTIONS.map((one) => (
          <button
            key={one.id}
            type="button"
            role="radio"
            aria-checked={one === intention}
            onClick={() => choose(one)}
            className={`flex min-h-16 w-full items-center gap-3 border px-3 text-left ${one === intention ? 'border-woad bg-wash' : 'border-transparent hover:bg-wash'}`}
          >
            <IntentionMark id={one.id} />
            <span>
              <span className="block font-semibold">{one.name}</span>
              <span className="block text-[13px] leading-4 text-soft">{one.about}</span>
            </span>
          </button>
        ))}
      </div>
      <form
        className="flex max-h-[42rem] min-h-0 flex-col"
        onSubmit={(event) => {
          event.preventDefault()
          void start()
        }}
      >
        <div className="flex min-h-0 flex-1 flex-col gap-3 overflow-y-auto p-5 pb-2">
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
          <div role="group" aria-label="Finished size" className="flex flex-wrap gap-1.5">
            {intention.sizes[system].map(([width, height]) => (
              <button
                key={`${width} ${height}`}
                type="button"
                aria-pressed={format.width === width && format.height === height}
                className={chip(format.width === width && format.height === height)}
                onClick={() => sized({ width, height })}
              >
                {saySize(width, height, format)}
              </button>
            ))}
          </div>
          <div className="grid grid-cols-[1fr_1fr_6rem] gap-3">
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
            <Choice label="Unit" options={unitNames} value={format.unit} onChange={turnUnit} />
          </div>
          {cell && (
            <div role="group" aria-label="Size of each photo" className="flex flex-wrap items-center gap-1.5">
              <span className="text-soft">Each photo</span>
              {intention.cells?.[system].map(([width, height]) => (
                <button
                  key={`${width} ${height}`}
                  type="button"
                  aria-pressed={cell.width === width && cell.height === height}
                  className={chip(cell.width === width && cell.height === height)}
                  onClick={() => change({ cell: { width, height } })}
                >
                  {saySize(width, height, format)}
                </button>
              ))}
            </div>
          )}
          {intention.id === 'card' && (
            <div role="group" aria-label="Sheet or folded card" className="flex flex-wrap items-center gap-1.5">
              {[false, true].map((folded) => (
                <button
                  key={String(folded)}
                  type="button"
                  aria-pressed={(wish.folded ?? false) === folded}
                  className={chip((wish.folded ?? false) === folded)}
                  onClick={() => change({ folded })}
                >
                  {folded ? 'Folded: front, two inside, back' : 'One sheet'}
                </button>
              ))}
            </div>
          )}
          <ToScale format={format} margin={margin} />
          <button
            type="button"
            aria-expanded={more}
            className="flex min-h-8 items-center gap-1 self-start hover:text-woad"
            onClick={() => showMore(!more)}
          >
            <ChevronRight size={15} aria-hidden className={more ? 'rotate-90' : ''} />
            Margin {say(margin, format)}, bleed {format.bleed ? say(format.bleed, format) : 'none'}, {format.resolution}{' '}
            ppi
          </button>
          {more && (
            <div className="grid grid-cols-[1fr_13rem] gap-4">
              <div className="grid grid-cols-2 content-start gap-3">
                {length('Margin', 'margin', 'margins')}
                {wish.gap !== undefined && length('Gap', 'gap', 'gap')}
                <LengthField
                  label={intention.id === 'canvases' ? 'Wrap round the bars' : 'Bleed'}
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
              <TrimExplained />
            </div>
          )}
          {wrong && (!wrong.field || !more) && (
            <p role="alert" className="text-madder">
              {wrong.message}
            </p>
          )}
        </div>
        <div className="flex justify-end gap-2 border-t border-line px-5 py-3">
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
