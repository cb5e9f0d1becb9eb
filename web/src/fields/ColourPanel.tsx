import { PopoverPanel } from '@headlessui/react'
import { useEffect, useState } from 'react'

/** Colours that are offered together. */
export interface ColourOffer {
  name: string
  colours: string[]
}

interface Props {
  label: string
  value: string
  offers: ColourOffer[]
  /** Shows a colour; nothing ends that. */
  onTry: (colour: string | null) => void
  onCommit: (colour: string) => void
}

/** Colours to choose from, each shown while it is looked at, and after them any other one. */
export function ColourPanel({ label, value, offers, onTry, onCommit }: Props) {
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
  return (
    <PopoverPanel
      anchor={{ to: 'bottom start', gap: 4 }}
      className="z-50 w-68 space-y-2 border border-edge bg-paper p-3 shadow-[0_2px_10px_rgb(34_41_58/0.22)] focus:outline-none"
    >
      {({ close }) => (
        <>
          {offers
            .filter(({ colours }) => colours.length > 0)
            .map(({ name, colours }) => (
              <div key={name} role="group" aria-label={name}>
                <p className="pb-1 text-[13px] leading-4 text-soft">{name}</p>
                <div className="flex flex-wrap gap-1">
                  {colours.map((colour) => (
                    <button
                      key={colour}
                      type="button"
                      aria-label={`${colour}, ${name.toLowerCase()}`}
                      aria-pressed={colour === value}
                      title={colour}
                      className="size-9 border border-edge outline-offset-2 hover:outline-2 hover:outline-woad aria-pressed:outline-2 aria-pressed:outline-ink"
                      style={{ background: colour }}
                      onPointerEnter={() => onTry(colour)}
                      onPointerLeave={() => onTry(null)}
                      onFocus={() => onTry(colour)}
                      onBlur={() => onTry(null)}
                      onClick={() => {
                        onCommit(colour)
                        close()
                      }}
                    />
                  ))}
                </div>
              </div>
            ))}
          <label className="flex items-center gap-2 text-[13px] text-soft">
            <input
              ref={setSwatch}
              aria-label={`${label}, any colour`}
              type="color"
              value={picking ?? value}
              onInput={(event) => {
                setPicking(event.currentTarget.value)
                onTry(event.currentTarget.value)
              }}
              onChange={() => undefined}
              className="h-9 w-12 border border-edge bg-paper p-1"
            />
            Any other colour
          </label>
        </>
      )}
    </PopoverPanel>
  )
}
