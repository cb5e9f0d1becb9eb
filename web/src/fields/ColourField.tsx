import { Popover, PopoverButton } from '@headlessui/react'
import { useState } from 'react'
import { type ColourOffer, ColourPanel } from './ColourPanel'
import { Field, inputLook } from './Field'
import { untaken } from './typing'

interface Props {
  label: string
  value: string
  offers: ColourOffer[]
  /** Shows a colour; nothing ends that. */
  onTry: (colour: string | null) => void
  onCommit: (colour: string) => void
}

const FORM = /^#?[0-9a-f]{6}$/i

/** A colour from those that are offered, any other one, or by its six digits; shown live while it is being chosen. */
export function ColourField({ label, value, offers, onTry, onCommit }: Props) {
  const [draft, setDraft] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  const take = () => {
    if (draft === undefined) return
    const colour = `#${draft.trim().replace('#', '').toLowerCase()}`
    if (!FORM.test(colour)) {
      setWrong('Six digits, such as #f5f1e8')
      return
    }
    setWrong(undefined)
    setDraft(undefined)
    if (colour !== value) onCommit(colour)
  }
  return (
    <Field label={label} wrong={wrong}>
      {(ids) => (
        <div className="flex">
          <Popover>
            <PopoverButton
              aria-label={`${label}, colours to choose from`}
              title="Colours to choose from"
              className="h-8 w-10 shrink-0 border border-r-0 border-edge bg-paper p-1"
            >
              <span className="block size-full border border-line" style={{ background: value }} />
            </PopoverButton>
            <ColourPanel label={label} value={value} offers={offers} onTry={onTry} onCommit={onCommit} />
          </Popover>
          <input
            {...ids}
            {...untaken(draft !== undefined)}
            className={inputLook}
            value={draft ?? value}
            onChange={(event) => setDraft(event.target.value)}
            onBlur={take}
            onKeyDown={(event) => {
              if (event.key === 'Enter') take()
              if (event.key === 'Escape') setDraft(undefined)
            }}
          />
        </div>
      )}
    </Field>
  )
}
