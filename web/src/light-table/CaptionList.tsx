import { useEffect, useRef, useState } from 'react'
import { smallPicture } from '../api/client'
import { inputLook } from '../fields/Field'
import { useRefusal } from '../fields/refusals'
import { untaken } from '../fields/typing'
import { useDraft } from '../fields/useDraft'
import { Wrong } from '../fields/Wrong'
import { OverBench } from '../workroom/OverBench'
import { type TrayPhoto, useRoom } from '../workroom/context'
import { moveInOrder } from '../workroom/piece/moveInOrder'
import { spelled } from '../workroom/words/languages'

/** All photos with their words beside them, to be typed one after the other: Enter goes to the next. */
export function CaptionList({ onClose }: { onClose: () => void }) {
  const { photos } = useRoom()
  const list = useRef<HTMLUListElement>(null)
  const wordless = photos.filter(({ caption }) => !caption).length
  useEffect(() => {
    // Who types wants to begin where words are missing.
    const fields = [...(list.current?.querySelectorAll('textarea') ?? [])]
    const first = fields.find(({ value }) => value === '') ?? fields[0]
    first?.focus()
  }, [])
  return (
    <OverBench title="Captions" onClose={onClose}>
      <p className="pb-3 text-soft" role="status">
        {wordless === 0
          ? 'All photos have words.'
          : `${wordless} of ${photos.length} ${wordless === 1 ? 'has' : 'have'} no words yet.`}{' '}
        Enter goes on to the next, Shift and Enter begins a new line; Alt and an arrow moves the photo in the order.
      </p>
      <ul ref={list} className="max-w-3xl">
        {photos.map((photo, index) => (
          <Row key={photo.entryId} photo={photo} index={index} />
        ))}
      </ul>
    </OverBench>
  )
}

/** The field of the row after this one, or before it. */
function beside(field: HTMLTextAreaElement, by: 1 | -1) {
  const row = field.closest('li')
  const other = by === 1 ? row?.nextElementSibling : row?.previousElementSibling
  return other?.querySelector('textarea') ?? undefined
}

function Row({ photo, index }: { photo: TrayPhoto; index: number }) {
  const { handle, photos, stored } = useRoom()
  const number = index + 1
  const [draft, setDraft] = useDraft(photo.caption)
  const [wrong, setWrong] = useState<string>()
  useRefusal(`Caption of photo ${number}`, wrong !== undefined)
  const take = async () => {
    if (draft.trim() === photo.caption) return
    const edit = { kind: 'captionEntry' as const, entryId: photo.entryId, caption: draft.trim() }
    setWrong((await handle.edit(edit, { quiet: true }))?.message)
  }
  const go = (to: HTMLTextAreaElement | undefined) => {
    to?.focus()
    to?.select()
    to?.closest('li')?.scrollIntoView({ block: 'nearest' })
  }
  return (
    // Rows out of sight are not laid out: there may be hundreds.
    <li className="flex items-start gap-3 border-t border-line px-1 py-2 [contain-intrinsic-size:auto_80px] [content-visibility:auto]">
      <span className="w-8 pt-1 text-right text-soft">{number}</span>
      <img
        alt=""
        loading="lazy"
        src={smallPicture(photo.id)}
        className="h-16 w-24 shrink-0 object-contain object-right"
      />
      <div className="min-w-0 flex-1">
        <textarea
          {...untaken(draft !== photo.caption)}
          {...spelled(stored.styles)}
          aria-label={`Caption of photo ${number}, ${photo.fileName}`}
          aria-invalid={wrong !== undefined}
          rows={Math.max(1, draft.split('\n').length)}
          className={`${inputLook} h-auto resize-none py-1`}
          value={draft}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => void take()}
          onKeyDown={(event) => {
            if (event.nativeEvent.isComposing) return
            const field = event.currentTarget
            if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
              event.preventDefault()
              const to = photos[index + (event.key === 'ArrowUp' ? -1 : 1)]
              if (to) moveInOrder(handle, photo.entryId, to.entryId, () => field)
              return
            }
            if (event.key === 'Enter' && !event.shiftKey) {
              event.preventDefault()
              const next = beside(field, 1)
              if (next) go(next)
              else void take()
            } else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && (event.ctrlKey || event.metaKey)) {
              event.preventDefault()
              go(beside(field, event.key === 'ArrowDown' ? 1 : -1))
            } else if (event.key === 'Escape' && draft !== photo.caption) {
              // The first one takes back what was typed, the next one closes the list.
              event.stopPropagation()
              setDraft(photo.caption)
            }
          }}
        />
        {wrong ? <Wrong>{wrong}</Wrong> : <p className="truncate text-[13px] leading-5 text-soft">{photo.fileName}</p>}
      </div>
    </li>
  )
}
