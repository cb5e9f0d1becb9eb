import type { Edit, Paint } from '../../../api/client'
import { useRoom } from '../../context'
import { PaintField } from '../../paint/PaintField'
import { useTrial } from '../../useTrial'

/** What lies below all else: on all pages, or on this one alone. */
export function GroundFields() {
  const { stored, storedPage } = useRoom()
  const trial = useTrial()
  const own = storedPage.ground.kind === 'covered' ? storedPage.ground.paint : undefined
  const several = stored.pages.length > 1
  const edit = (paint: Paint): Edit =>
    own
      ? { kind: 'setGround', pageId: storedPage.id, ground: { kind: 'covered', paint } }
      : { kind: 'setCommonGround', ground: paint }
  return (
    <>
      <PaintField
        what="Page"
        value={own ?? stored.styles.ground}
        format={stored.format}
        onPreview={(paint) => trial.show(edit(paint))}
        onCommit={(paint) => trial.set(edit(paint))}
      />
      {(several || own) && (
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-woad"
            checked={own !== undefined}
            onChange={(event) =>
              trial.set({
                kind: 'setGround',
                pageId: storedPage.id,
                ground: event.target.checked ? { kind: 'covered', paint: stored.styles.ground } : { kind: 'common' },
              })
            }
          />
          This page has a ground of its own
        </label>
      )}
    </>
  )
}
