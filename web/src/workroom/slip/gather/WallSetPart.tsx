import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { client, data, wordsOf } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { OneOf } from '../../../fields/OneOf'
import { allTaken } from '../../../fields/taking'
import { LengthField } from '../../../measure/LengthField'
import { say, saySize } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { Part } from '../Part'
import { GapsLeftOut, WhichPhoto } from './SplitFields'
import { useWish } from './useWish'
import { WallPicture } from './WallPicture'

const MOST = 12

const SHAPES = { photo: 'As the photo', upright: 'Upright, 2 : 3', square: 'Square', wide: 'Wide, 3 : 2' }
const PROPORTIONS: Record<keyof typeof SHAPES, number | null> = { photo: null, upright: 2 / 3, square: 1, wide: 3 / 2 }

const FINISHES = {
  TO_THE_EDGE: 'Photo round the sides',
  TWO_TONES: 'Border of two tones',
  DEEP_PAPER: 'Papers with depth',
}

const USUAL = {
  wallWidth: 2_100_000,
  wallHeight: 1_200_000,
  parts: 3,
  gap: 40_000,
  bridged: false,
  shape: 'photo' as keyof typeof SHAPES,
  finish: 'TO_THE_EDGE' as keyof typeof FINISHES,
}

/** A set of pictures for a wall, sized by it, in one action: one photo over all of them, or one on each. */
export function WallSetPart() {
  const { piece, photos, handle, chosen, select, goTo } = useRoom()
  const { wish, change, latest } = useWish(USUAL)
  const [shows, setShows] = useState<'one' | 'each'>(photos.length > 1 ? 'each' : 'one')
  const picked = photos.filter(({ entryId }) => chosen.chosen.has(entryId))
  const [single, setSingle] = useState<string>()
  const one = photos.find(({ entryId }) => entryId === single) ?? picked[0] ?? photos[0]
  const each = picked.length > 1 ? picked : photos.slice(0, wish.parts)
  const shown = shows === 'each' ? each : one ? [one] : []
  const entryIds = shown.map(({ entryId }) => entryId)
  const request = (from: typeof USUAL) => ({
    entryIds,
    wallWidth: from.wallWidth,
    wallHeight: from.wallHeight,
    parts: from.parts,
    gap: from.gap,
    bridged: shows === 'one' && from.bridged,
    proportion: PROPORTIONS[from.shape] ?? undefined,
  })
  const body = request(wish)
  const sized = useQuery({
    queryKey: ['wall set', piece.id, body, piece.format.unit],
    queryFn: () => data(client.POST('/api/pieces/{piece}/wall-set', { params: { path: { piece: piece.id } }, body })),
    placeholderData: keepPreviousData,
    retry: false,
  })
  const set = sized.isError ? undefined : sized.data
  const make = async () => {
    if (!(await allTaken())) return
    const problem = await handle.edit({ kind: 'hangSet', ...request(latest.current), finish: latest.current.finish })
    if (problem) return
    const page = piece.pages[0]
    if (page) select({ kind: 'page', pageId: page.id })
    goTo('arrange')
  }
  return (
    <Part title="A set for the wall" folded>
      {photos.length > 1 && (
        <OneOf
          label="What it shows"
          options={{ each: 'A photo on each', one: 'One photo over all' }}
          value={shows}
          onChange={setShows}
        />
      )}
      {shows === 'one' && one && <WhichPhoto photos={photos} value={one.entryId} onChange={setSingle} />}
      {shows === 'each' && (
        <p className="text-[13px] leading-4 text-soft">
          {picked.length > 1
            ? `The ${picked.length} photos that are chosen, in their order.`
            : `The first ${each.length} photos; choose others on the light table.`}
        </p>
      )}
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Wall or sofa, wide"
          value={wish.wallWidth}
          format={piece.format}
          onCommit={(wallWidth) => change({ wallWidth })}
        />
        <LengthField
          label="Free height"
          value={wish.wallHeight}
          format={piece.format}
          onCommit={(wallHeight) => change({ wallHeight })}
        />
        {(shows === 'one' || picked.length < 2) && (
          <NumberField
            label="Pictures"
            value={shows === 'each' ? Math.max(2, entryIds.length) : wish.parts}
            min={2}
            max={MOST}
            onCommit={(parts) => change({ parts })}
          />
        )}
        <LengthField label="Apart" value={wish.gap} format={piece.format} onCommit={(gap) => change({ gap })} />
      </div>
      <Choice label="Shape" options={SHAPES} value={wish.shape} onChange={(shape) => change({ shape })} />
      {shows === 'one' && <GapsLeftOut bridged={wish.bridged} onChange={(bridged) => change({ bridged })} />}
      <Choice label="Finish" options={FINISHES} value={wish.finish} onChange={(finish) => change({ finish })} />
      {set && (
        <>
          <WallPicture wallWidth={wish.wallWidth} wallHeight={wish.wallHeight} set={set} finish={wish.finish} />
          <p role="status" className="text-[13px] leading-4">
            {set.parts} of {saySize(set.width, set.height, piece.format)}, together {say(set.span, piece.format)} wide:
            two thirds of the room at most.
          </p>
        </>
      )}
      {sized.isError && (
        <p role="alert" className="text-madder">
          {wordsOf(sized.error)}
        </p>
      )}
      <Button look="primary" className="w-full" disabled={!set} onClick={() => void make()}>
        Make this set
      </Button>
    </Part>
  )
}
