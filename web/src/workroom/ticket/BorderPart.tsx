import { SquareStack } from 'lucide-react'
import type { Border, Frame } from '../../api/client'
import { IconButton } from '../../ui/Button'
import { BorderFields } from '../BorderFields'
import { borderOf } from '../borders'
import { Wrong } from '../../ui/Wrong'
import { useRoom } from '../context'
import { useFrameDoings } from '../frames/useFrameDoings'
import { useTrial } from '../useTrial'

/** The border of the selected frames: that of all frames, or one of their own. */
export function BorderPart({ frames }: { frames: Frame[] }) {
  const { stored, page } = useRoom()
  const { selectAlike } = useFrameDoings()
  const { show, set, about, aboutOthers } = useTrial()
  const last = frames.at(-1)
  if (!last) return null
  // Fields start from what is stored, while the page may show a try.
  const kept = stored.pages.flatMap(({ frames }) => frames).find(({ id }) => id === last.id) ?? last
  const border = borderOf(kept, stored.dress)
  const others = aboutOthers(kept.border ? ['borderWidth', 'cornerRadius'] : [])
  const edit = (next: Border | undefined) => ({
    kind: 'borderFrames' as const,
    pageId: page.id,
    frameIds: frames.map(({ id }) => id),
    border: next,
  })
  return (
    <section aria-label="Border" className="border-t border-line py-2">
      <div className="flex items-center justify-between">
        <label className="flex items-center gap-2 font-semibold">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={Boolean(kept.border)}
            onChange={(event) => set(edit(event.target.checked ? border : undefined))}
          />
          Border of {frames.length === 1 ? 'its' : 'their'} own
        </label>
        <IconButton name="Select all with the same border (A)" onClick={selectAlike}>
          <SquareStack size={17} />
        </IconButton>
      </div>
      {kept.border && (
        <div className="mt-1 space-y-2">
          <BorderFields
            border={border}
            format={stored.format}
            wrong={about}
            onPreview={(change) => show(edit({ ...border, ...change }))}
            onCommit={(change) =>
              set(({ stored: now }) => {
                const before = now.pages.flatMap(({ frames }) => frames).find(({ id }) => id === last.id)
                return edit({ ...borderOf(before, now.dress), ...change })
              })
            }
          />
        </div>
      )}
      {others && <Wrong className="pt-1">{others}</Wrong>}
    </section>
  )
}
