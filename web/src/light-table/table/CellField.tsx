import { type ClipboardEvent, useState } from 'react'
import { inputLook } from '../../fields/Field'
import { useRefusal } from '../../fields/refusals'
import { untaken } from '../../fields/typing'
import { useDraft } from '../../fields/useDraft'
import { Wrong } from '../../fields/Wrong'

interface Props {
  name: string
  value: string
  className?: string
  lang?: string
  spellCheck?: boolean
  /** Takes what was typed; resolves to the reason if it cannot be. */
  onTake: (text: string) => Promise<string | undefined>
  /** Goes on to the field in the row below, or above. */
  onMove: (field: HTMLInputElement, by: 1 | -1) => void
  onPaste?: (event: ClipboardEvent<HTMLInputElement>) => void
}

/** A field among fields in rows and columns: Enter goes down, Shift and Enter up, Escape takes back what was typed. */
export function CellField({ name, value, className = '', onTake, onMove, onPaste, ...language }: Props) {
  const [draft, setDraft] = useDraft(value)
  const [wrong, setWrong] = useState<string>()
  useRefusal(name, wrong !== undefined)
  const take = async () => {
    if (draft.trim() === value) return
    setWrong(await onTake(draft.trim()))
  }
  return (
    <>
      <input
        {...untaken(draft !== value)}
        {...language}
        aria-label={name}
        aria-invalid={wrong !== undefined}
        className={`${inputLook} ${className}`}
        value={draft}
        onChange={(event) => setDraft(event.target.value)}
        onFocus={(event) => event.target.select()}
        onBlur={() => void take()}
        onPaste={onPaste}
        onKeyDown={(event) => {
          if (event.nativeEvent.isComposing) return
          const up = event.key === 'ArrowUp' || (event.key === 'Enter' && event.shiftKey)
          const down = event.key === 'ArrowDown' || (event.key === 'Enter' && !event.shiftKey)
          if (up || down) {
            event.preventDefault()
            onMove(event.currentTarget, down ? 1 : -1)
          } else if (event.key === 'Escape' && (draft !== value || wrong)) {
            // The first one takes back what was typed, the next one closes the table.
            event.stopPropagation()
            setDraft(value)
            setWrong(undefined)
          }
        }}
      />
      {wrong && <Wrong>{wrong}</Wrong>}
    </>
  )
}
