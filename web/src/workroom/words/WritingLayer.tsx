import { type CSSProperties, useEffect, useLayoutEffect, useRef } from 'react'
import type { FrameScene, Problem } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { groundBehind } from '../../fields/contrast'
import { untaken } from '../../fields/typing'
import { useDraft } from '../../fields/useDraft'
import type { BenchScale } from '../bench/useBenchScale'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'
import { spelled } from './languages'
import { captionPlace } from './captionPlace'
import { familyOf, usePrintFace } from './printFaces'
import { nextCaption, useCaption } from './useCaption'
import { useWords } from './useWords'

const MM_PER_PT = 25.4 / 72

interface Props {
  frame: Frame
  scene: FrameScene
  scale: BenchScale
}

/** Words that are being written where they stand on the page. */
export function WritingLayer({ frame, scene, scale }: Props) {
  return frame.text ? (
    <Text frame={frame} text={frame.text} scene={scene} scale={scale} />
  ) : (
    <Caption frame={frame} scene={scene} scale={scale} />
  )
}

/** Words that fill a frame. Across the page Enter goes on; in a text of several lines it breaks the line. */
function Text({ frame, text, scene, scale }: Props & { text: NonNullable<Frame['text']> }) {
  const { page, select, handle } = useRoom()
  const { write } = useWords()
  const { style } = text
  const s = scale.pixelsPerMm
  usePrintFace(style.typeface, style.weight, style.slant)
  const take = async (words: string) => {
    // Words outside the arrangement that say nothing are not there.
    if (words === '' && frame.slot === undefined && !frame.ornament)
      return handle.edit({ kind: 'emptyFrame', pageId: page.id, frameId: frame.id })
    return words === text.text ? null : write(frame.id, words)
  }
  const next = () => {
    const after = page.frames.slice(page.frames.indexOf(frame) + 1).find((one) => one.text)
    select({ kind: 'write', pageId: page.id, frameId: after?.id })
  }
  return (
    <div
      className="absolute z-30 flex flex-col outline-2 outline-offset-2 outline-woad"
      style={{
        left: scene.box.x * s,
        top: scene.box.y * s,
        width: scene.box.width * s,
        minHeight: scene.box.height * s,
        justifyContent: { TOP: 'flex-start', MIDDLE: 'center', BOTTOM: 'flex-end' }[style.stand],
        transform: scene.turnDegrees ? `rotate(${scene.turnDegrees}deg)` : undefined,
      }}
    >
      <Writing
        frameId={frame.id}
        name="Words on the page"
        value={text.text}
        onTake={(words) => take(words.trim())}
        onEnter={frame.across ? next : undefined}
        style={{
          fontFamily: familyOf(style.typeface),
          fontStyle: style.slant === 'ITALIC' ? 'italic' : 'normal',
          fontWeight: style.weight === 'BOLD' ? 700 : 400,
          fontSize: style.sizePt * MM_PER_PT * s,
          lineHeight: style.leading,
          letterSpacing: `${style.tracking}em`,
          textAlign: style.align === 'LEFT' ? 'left' : style.align === 'RIGHT' ? 'right' : 'center',
          color: style.colour,
        }}
      />
    </div>
  )
}

/** The words below a photo; Enter goes to those of the next. */
function Caption({ frame, scene, scale }: Props) {
  const { page, scene: pageScene, piece, select } = useRoom()
  const { take } = useCaption(frame)
  const { captions } = piece.styles
  usePrintFace(captions.typeface)
  const place = captionPlace(scene, captions)
  const s = scale.pixelsPerMm
  return (
    <div
      className="absolute z-30 outline-2 outline-woad"
      style={{
        left: place.x * s,
        top: place.y * s,
        width: place.width * s,
        minHeight: place.height * s,
        // What was written is not seen through what is being written.
        background: captions.place === 'ON_PICTURE' ? groundBehind(captions.colour) : pageScene?.colour,
        transform: scene.turnDegrees ? `rotate(${scene.turnDegrees}deg)` : undefined,
        // As its frame, about the frame's middle.
        transformOrigin: `${(scene.box.x + scene.box.width / 2 - place.x) * s}px ${(scene.box.y + scene.box.height / 2 - place.y) * s}px`,
      }}
    >
      <Writing
        frameId={frame.id}
        name={`Caption of frame ${page.frames.indexOf(frame) + 1}`}
        value={frame.caption}
        onTake={take}
        onEnter={() => select({ kind: 'write', pageId: page.id, frameId: nextCaption(page.frames, frame.id)?.id })}
        style={{
          fontFamily: familyOf(captions.typeface),
          fontSize: captions.sizePt * MM_PER_PT * s,
          lineHeight: 1.25,
          letterSpacing: `${captions.tracking}em`,
          textAlign: ALIGNED[captions.place],
          color: captions.colour,
          paddingTop: PADDING[captions.place] * captions.sizePt * MM_PER_PT * s,
        }}
      />
    </div>
  )
}

/** Above the first line, in type sizes. */
const PADDING = { BELOW: 0.625, ABOVE: 0, LEFT: 0, RIGHT: 0, ON_PICTURE: 0.3 }

const ALIGNED = { BELOW: 'center', ABOVE: 'center', LEFT: 'right', RIGHT: 'left', ON_PICTURE: 'center' } as const

interface WritingProps {
  frameId: string
  name: string
  value: string
  onTake: (text: string) => Promise<Problem | null>
  /** What Enter does; it breaks the line if nothing. */
  onEnter?: () => void
  style: CSSProperties
}

/** A field that looks like the print. It grows with its words; what was written is taken however it is left. */
function Writing({ frameId, name, value, onTake, onEnter, style }: WritingProps) {
  const { page, select, stored } = useRoom()
  const notice = useNotice()
  const [draft, setDraft] = useDraft(value)
  const field = useRef<HTMLTextAreaElement>(null)
  useLayoutEffect(() => {
    const area = field.current
    if (!area) return
    area.style.height = '0'
    area.style.height = `${area.scrollHeight}px`
  }, [draft, style.fontSize])
  useEffect(() => {
    field.current?.focus()
    field.current?.select()
  }, [])
  // Words that come back only now are marked, as those are that stood there at once: typing replaces them.
  useEffect(() => {
    const area = field.current
    if (area && document.activeElement === area && area.value === value) area.select()
  }, [value])
  // What is left by a click elsewhere, by a key or by another page is taken all the same.
  const now = useRef({ draft, value, onTake })
  useEffect(() => {
    now.current = { draft, value, onTake }
  })
  const leaving = useRef<number>(undefined)
  useEffect(() => {
    // The field that comes back at once has not been left.
    window.clearTimeout(leaving.current)
    return () => {
      leaving.current = window.setTimeout(() => {
        const left = now.current
        if (left.draft === left.value && left.draft.trim() !== '') return
        void left.onTake(left.draft).then((problem) => problem && notice(problem.message, { tone: 'wrong' }))
      })
    }
  }, [notice])
  const leave = () => {
    select({ kind: 'write', pageId: page.id, frameId: undefined })
    requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-frame="${frameId}"]`)?.focus())
  }
  return (
    <textarea
      ref={field}
      {...untaken(draft !== value)}
      aria-label={name}
      rows={1}
      value={draft}
      {...spelled(stored.styles)}
      className="m-0 block w-full resize-none overflow-hidden border-0 text-pretty [font-variant-ligatures:none] bg-transparent p-0 caret-woad outline-none"
      style={style}
      onPointerDown={(event) => event.stopPropagation()}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={(event) => {
        // A window that loses the focus is come back to.
        if (event.relatedTarget) select({ kind: 'write', pageId: page.id, frameId: undefined })
      }}
      onKeyDown={(event) => {
        event.stopPropagation()
        if (event.nativeEvent.isComposing) return
        if (event.key === 'Escape') {
          event.preventDefault()
          leave()
        } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
          event.preventDefault()
          leave()
        } else if (event.key === 'Enter' && !event.shiftKey && onEnter) {
          event.preventDefault()
          onEnter()
        }
      }}
    />
  )
}
