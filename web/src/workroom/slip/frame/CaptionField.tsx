import { useRef, useState } from 'react'
import type { FrameScene } from '../../../api/client'
import { askFocus, captionField, useAskedFocus } from '../../../fields/askedFocus'
import { Field, inputLook } from '../../../fields/Field'
import { useRefusal } from '../../../fields/refusals'
import { untaken } from '../../../fields/typing'
import { useDraft } from '../../../fields/useDraft'
import { useRoom } from '../../context'
import { saidOfWords } from '../../words/saidOfWords'
import { nextCaption, useCaption } from '../../words/useCaption'
import { spelled } from '../../words/languages'
import { type Frame, usesOf } from '../../piece/model'

/** The words below a photo, with word of what does not fit or cannot be set. */
export function CaptionField({ frame, scene }: { frame: Frame; scene: FrameScene }) {
  const { piece, page, select } = useRoom()
  const [draft, setDraft] = useDraft(frame.caption)
  const area = useRef<HTMLTextAreaElement>(null)
  useAskedFocus(captionField(frame.id), area)
  const [refused, setRefused] = useState<string>()
  const { captions } = piece.styles
  const caption = useCaption(frame)
  const { own, setOwn } = caption
  const uses = frame.entry ? (usesOf(piece).get(frame.entry)?.length ?? 0) : 0
  const entry = piece.entries.find(({ id }) => id === frame.entry)

  const take = async () => setRefused((await caption.take(draft))?.message)
  useRefusal('Caption', refused !== undefined)
  /** To the caption of the next photo; after the last one the words stay, all of them marked. */
  const next = (field: HTMLTextAreaElement) => {
    const after = nextCaption(page.frames, frame.id)
    if (!after) return field.select()
    askFocus(captionField(after.id))
    select({ kind: 'frame', pageId: page.id, frameId: after.id })
  }
  const words = scene.words
  const shrunk = words && words.sizePt < captions.sizePt - 0.05
  const said = saidOfWords(words, captions.typeface)
  const wrong =
    refused ??
    said.wrong ??
    (words && !words.allShown
      ? 'Too long for its room; the rest is cut off. Give captions more lines under Dress, or shorten it.'
      : undefined)
  const hint =
    captions.show === 'NONE' && frame.caption
      ? 'Captions are not shown; turn them on under Dress.'
      : frame.caption && frame.slot !== undefined && scene.piece && captions.place !== 'ON_PICTURE'
        ? 'Not shown: between the pieces of a silhouette is no room for words.'
        : shrunk
          ? `Set in ${words.sizePt.toFixed(1)}\u2009pt to fit its width.`
          : uses > 1 && !own
            ? `The photo’s words, in all ${uses} places where it shows.`
            : said.lent
  return (
    <div className="border-t border-line py-2">
      <Field label="Caption" wrong={wrong} hint={hint}>
        {(ids) => (
          <textarea
            {...ids}
            {...untaken(draft !== frame.caption)}
            {...spelled(piece.styles)}
            data-caption={frame.id}
            ref={area}
            rows={2}
            className={`${inputLook} h-auto resize-none py-1`}
            value={draft}
            onChange={(event) => setDraft(event.target.value)}
            onBlur={() => void take()}
            onKeyDown={(event) => {
              // While an input method composes, Enter ends its word and nothing else.
              if (event.key === 'Enter' && !event.shiftKey && !event.nativeEvent.isComposing) {
                event.preventDefault()
                void take()
                next(event.currentTarget)
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
