import type { ReactNode } from 'react'
import { type FrameStyle, lookPicture } from '../../api/client'
import { useRoom } from '../context'
import { useTrials } from '../useTrials'
import { useTryOut } from '../useTryOut'

/** As many pixels across as a picture is shown with. */
const PICTURE_PX = { small: 132, large: 216 }

interface Props {
  label: string
  styles: FrameStyle[]
  /** The frame that each is shown on. */
  frameId: string | undefined
  /** Over the bench, and not in the slip. */
  large?: boolean
  pressed: (style: FrameStyle) => boolean
  note: (style: FrameStyle) => string
  onPick: (style: FrameStyle) => void
  /** Shows on the bench what picking it would come to; nothing ends that. */
  onTry?: (style: FrameStyle | null) => void
  /** What else can be done with one. */
  beside?: (style: FrameStyle) => ReactNode
}

/** Styles to choose from, each on a photo of the page. */
export function StyleCards({ label, styles, frameId, large = false, pressed, note, onPick, onTry, beside }: Props) {
  const { stored, storedPage } = useRoom()
  const trying = useTryOut(onTry)
  const looks = useTrials(
    frameId
      ? styles.map((style) => ({ kind: 'dressFrames' as const, pageId: storedPage.id, frameIds: [frameId], style }))
      : [],
  )
  const side = PICTURE_PX[large ? 'large' : 'small'] * (window.devicePixelRatio || 1)
  return (
    <ul
      aria-label={label}
      className={`grid gap-2 ${large ? 'grid-cols-[repeat(auto-fill,minmax(11rem,1fr))]' : 'grid-cols-2'}`}
    >
      {styles.map((style, index) => {
        const look = looks[index]
        return (
          <li key={style.id} className="relative">
            <button
              type="button"
              aria-label={`${style.name}, ${note(style)}`}
              aria-pressed={pressed(style)}
              {...trying(style.id, style)}
              onClick={() => onPick(style)}
              className={`block w-full border bg-paper p-1 text-left ${pressed(style) ? 'border-woad bg-wash outline-1 outline-woad' : 'border-line hover:border-woad'}`}
            >
              {frameId && (
                <span className="block aspect-square bg-mat">
                  {look && (
                    <img
                      alt=""
                      src={lookPicture(stored.id, storedPage.id, look, side, frameId)}
                      className="size-full"
                    />
                  )}
                </span>
              )}
              <span className="block truncate px-0.5 pt-1 text-[13px] leading-4 font-semibold">{style.name}</span>
              <span className="block px-0.5 text-[13px] leading-4 text-soft">{note(style)}</span>
            </button>
            {beside && <span className="absolute right-0 bottom-0 flex">{beside(style)}</span>}
          </li>
        )
      })}
    </ul>
  )
}
