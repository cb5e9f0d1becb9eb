import { useRef, useState } from 'react'
import type { FrameScene } from '../../../api/client'
import { Field, inputLook } from '../../../fields/Field'
import { useRefusal } from '../../../fields/refusals'
import { untaken } from '../../../fields/typing'
import { useDraft } from '../../../fields/useDraft'
import { saidOfWords } from '../../words/saidOfWords'
import type { Frame } from '../../piece/model'
import { useRoom } from '../../context'
import { spelled } from '../../words/languages'
import { useAskedFocus, wordsField } from '../../../fields/askedFocus'
import { useWords } from '../../words/useWords'

interface Props {
  frame: Frame
  text: NonNullable<Frame['text']>
  scene: FrameScene
}

/** What a frame's words say, with word of what does not fit or cannot be set. */
export function WordsField({ frame, text, scene }: Props) {
  const { write } = useWords()
  const { stored } = useRoom()
  const area = useRef<HTMLTextAreaElement>(null)
  useAskedFocus(wordsField(frame.id), area)
  const [draft, setDraft] = useDraft(text.text)
  const [refused, setRefused] = useState<string>()
  useRefusal('Words', refused !== undefined)
  const take = async () => {
    if (draft.trim() === text.text) return
    setRefused((await write(frame.id, draft))?.message)
  }
  const { words } = scene
  const { style } = text
  const said = saidOfWords(words, style.typeface)
  const wrong =
    refused ??
    said.wrong ??
    (words && !words.allShown
      ? 'Too long for the frame; the rest is cut off. Make it larger, the words smaller or fewer.'
      : undefined)
  const shrunk = words && words.sizePt < style.sizePt - 0.05
  return (
    <Field label="Words" wrong={wrong} hint={shrunk ? `Set in ${words.sizePt.toFixed(1)}\u2009pt to fit.` : said.lent}>
      {(ids) => (
        <textarea
          {...ids}
          {...untaken(draft !== text.text)}
          {...spelled(stored.styles)}
          ref={area}
          rows={frame.ornament ? 1 : Math.min(8, Math.max(2, draft.split('\n').length))}
          className={`${inputLook} h-auto resize-y py-1`}
          value={draft}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => void take()}
          onKeyDown={(event) => {
            if (event.key === 'Escape') setDraft(text.text)
            if (event.key !== 'Enter' || event.nativeEvent.isComposing) return
            if (frame.ornament) event.preventDefault()
            if (frame.ornament || event.ctrlKey || event.metaKey) void take()
          }}
        />
      )}
    </Field>
  )
}
