import { type FrameStyle, lookPicture } from '../../api/client'
import { useRoom } from '../context'
import { useTrials } from '../useTrials'
import { useTryOut } from '../useTryOut'

const PICTURE_PX = 132

interface Props {
  label: string
  styles: FrameStyle[]
  /** The frame that each is shown on. */
  frameId: string | undefined
  pressed: (style: FrameStyle) => boolean
  note: (style: FrameStyle) => string
  onPick: (style: FrameStyle) => void
  /** Shows on the bench what picking it would come to; nothing ends that. */
  onTry?: (style: FrameStyle | null) => void
}

/** Styles to choose from, each on a photo of the page. */
export function StyleCards({ label, styles, frameId, pressed, note, onPick, onTry }: Props) {
  const { stored, storedPage } = useRoom()
  const trying = useTryOut(onTry)
  const looks = useTrials(
    frameId
      ? styles.map(({ id }) => ({
          kind: 'patchItems' as const,
          pageId: storedPage.id,
          itemIds: [frameId],
          change: { kind: 'wearStyle' as const, style: id },
        }))
      : [],
  )
  const side = PICTURE_PX * (window.devicePixelRatio || 1)
  return (
    <ul aria-label={label} className="grid grid-cols-2 gap-2">
      {styles.map((style, index) => {
        const look = looks[index]
        return (
          <li key={style.id}>
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
          </li>
        )
      })}
    </ul>
  )
}
