import { useEffect, useState } from 'react'
import { Field, inputLook } from './Field'
import { untaken } from './typing'

interface Props {
  label: string
  value: string
  onPreview: (colour: string) => void
  onCommit: (colour: string) => void
}

const FORM = /^#?[0-9a-f]{6}$/i

/** A colour by swatch or by its six digits; shown live while it is being chosen. */
export function ColourField({ label, value, onPreview, onCommit }: Props) {
  const [draft, setDraft] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  // The browser's picker says when a choice is final only by a native change event, which React does not pass on.
  const [swatch, setSwatch] = useState<HTMLInputElement | null>(null)
  const [picking, setPicking] = useState<string>()
  useEffect(() => {
    const final = () => {
      setPicking(undefined)
      if (swatch && swatch.value !== value) onCommit(swatch.value)
    }
    swatch?.addEventListener('change', final)
    return () => swatch?.removeEventListener('change', final)
  }, [swatch, value, onCommit])
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
          <input
            ref={setSwatch}
            aria-label={`${label}, swatch`}
            type="color"
            value={picking ?? value}
            onInput={(event) => {
              setPicking(event.currentTarget.value)
              onPreview(event.currentTarget.value)
            }}
            onChange={() => undefined}
            className="h-8 w-10 shrink-0 border border-r-0 border-edge bg-paper p-1"
          />
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
