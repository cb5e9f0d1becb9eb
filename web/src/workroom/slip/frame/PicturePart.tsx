import type { Box } from '../../../api/client'
import { useRoom } from '../../context'
import { liesAcrossFold } from '../../piece/acrossFold'
import { PercentSlider } from '../../../fields/PercentSlider'
import { around, boundsOf, spotsOf } from '../../frames/spots'
import type { Frame } from '../../piece/model'
import { onPage } from '../../piece/usePiece'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'
import { placed, placeOf } from './picturePlace'

const inMicrometres = ({ x, y, width, height }: Box) => ({
  x: Math.round(1000 * x),
  y: Math.round(1000 * y),
  width: Math.round(1000 * width),
  height: Math.round(1000 * height),
})

/** Where a photo lies that is seen through this frame and others: how far enlarged, and what of it shows. */
export function PicturePart({ frame }: { frame: Frame }) {
  const { storedPage, stored, scene } = useRoom()
  const trial = useTrial()
  const { fill } = frame.item
  const picture = fill.kind === 'through' && storedPage.pictures.find(({ id }) => id === fill.picture)
  if (!picture) return null
  const index = stored.pages.findIndex(({ id }) => id === storedPage.id)
  // It covers both pages then; the left one's corner is where both begin.
  const across = liesAcrossFold(stored.pages, index, picture.entry)
  const windows = storedPage.frames.filter(
    ({ item }) => item.fill.kind === 'through' && item.fill.picture === picture.id,
  )
  const seen = scene ? spotsOf(windows, scene).map(({ spot }) => boundsOf(spot)) : []
  const room =
    across || seen.length === 0
      ? {
          x: across && index % 2 === 0 ? -stored.format.width : 0,
          y: 0,
          width: stored.format.width * (across ? 2 : 1),
          height: stored.format.height,
        }
      : inMicrometres(around(seen))
  const place = placeOf(picture.box, room)
  const edit = (change: Partial<typeof place>) =>
    onPage(storedPage.id, (page) => {
      const now = page.pictures.find(({ id }) => id === picture.id)
      return now
        ? {
            kind: 'placePicture',
            pageId: page.id,
            pictureId: now.id,
            box: placed(now.box, room, { ...placeOf(now.box, room), ...change }),
          }
        : null
    })
  const preview = (change: Partial<typeof place>) =>
    trial.show({
      kind: 'placePicture',
      pageId: storedPage.id,
      pictureId: picture.id,
      box: placed(picture.box, room, { ...place, ...change }),
    })
  return (
    <Part title={across ? 'The photo across the fold' : 'The photo behind'}>
      <PercentSlider
        label="Enlarged"
        value={Math.max(0, (place.zoom - 1) / 3)}
        onPreview={(share) => preview({ zoom: 1 + 3 * share })}
        onCommit={(share) => trial.set(edit({ zoom: 1 + 3 * share }))}
      />
      <PercentSlider
        label="Left to right"
        value={place.across}
        onPreview={(to) => preview({ across: to })}
        onCommit={(to) => trial.set(edit({ across: to }))}
      />
      <PercentSlider
        label="Top to bottom"
        value={place.down}
        onPreview={(to) => preview({ down: to })}
        onCommit={(to) => trial.set(edit({ down: to }))}
      />
    </Part>
  )
}
