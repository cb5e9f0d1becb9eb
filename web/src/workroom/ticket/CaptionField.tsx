import { useState } from 'react'
import type { FrameScene } from '../../api/client'
import { Field, inputLook } from '../../ui/Field'
import { useRoom } from '../context'
import { type Frame, usesOf } from '../piece/model'

/** The words below a photo, with word of what does not fit or cannot be set. */
export function CaptionField({ frame, scene }: { frame: Frame; scene: FrameScene }) {
  const { piece, page, handle } = useRoom()
  const [draft, setDraft] = useState(frame.caption)
  const [refused, setRefused] = useState<string>()
  const { captions } = piece.styles
  const own = frame.words.kind === 'own'
  const uses = frame.entry ? (usesOf(piece).get(frame.entry)?.length ?? 0) : 0
  const entry = piece.entries.find(({ id }) => id === frame.entry)

  const setOwn = (text: string | null) =>
    handle.edit(
      {
        kind: 'patchItems',
        pageId: page.id,
        itemIds: [frame.id],
        change: { kind: 'setWords', words: text === null ? { kind: 'ofEntry' } : { kind: 'own', text } },
      },
      { quiet: true },
    )
  const take = async () => {
    if (draft.trim() === frame.caption) return
    const problem =
      own || !frame.entry
        ? await setOwn(draft)
        : await handle.edit({ kind: 'captionEntry', entryId: frame.entry, caption: draft }, { quiet: true })
    setRefused(problem?.message)
  }
  const words = scene.words
  const shrunk = words && words.sizePt < captions.sizePt - 0.05
  const wrong =
    refused ??
    (words?.missing ? `${captions.typeface} has no sign for: ${words.missing}` : undefined) ??
    (words && !words.allShown
      ? 'Too long for its room; the rest is cut off. Keep more lines under Dress, or shorten it.'
      : undefined)
  const hint =
    captions.show === 'NONE' && frame.caption
      ? 'Captions are not shown; turn them on under Dress.'
      : shrunk
        ? `Set in ${words.sizePt.toFixed(1)}\u2009pt to fit its width.`
        : uses > 1 && !own
          ? `The photo’s words, in all ${uses} places where it shows.`
          : undefined
  return (
    <div className="border-t border-line py-2">
      <Field label="Caption" wrong={wrong} hint={hint}>
        {(ids) => (
          <textarea
            {...ids}
            rows={2}
            className={`${inputLook} h-auto resize-none py-1`}
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
            onBlur={() => void take()}
            onKeyDown={(event) => {
              if (event.key === 'Enter' && !event.shiftKey) {
                event.preventDefault()
                event.currentTarget.blur()
              }
              if (event.key === 'Escape') setDraft(frame.caption)
            }}
          />
        )}
      </Field>
      {entry && (uses > 1 || own) && (
        <label className="mt-1 flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={own}
            onChange={(event) => void setOwn(event.target.checked ? frame.caption : null)}
          />
          Words of its own here
        </label>
      )}
    </div>
  )
}
