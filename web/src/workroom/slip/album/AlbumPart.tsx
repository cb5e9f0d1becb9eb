import { useQuery } from '@tanstack/react-query'
import { BookOpen } from 'lucide-react'
import { useState } from 'react'
import { type Album, client, data, type FlowChange, wordsOf } from '../../../api/client'
import { useChoosing } from '../../../light-table/choosing/useChoosing'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { Wrong } from '../../../fields/Wrong'
import { allTaken } from '../../../fields/taking'
import { LengthField } from '../../../measure/LengthField'
import { systemOf } from '../../../shelf/intentions'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { waitingIn } from '../../piece/model'
import { useSettled } from '../../view/useSettled'
import { MarginFields } from '../arrange/MarginFields'
import { CaptionsShown } from '../dress/CaptionsShown'
import { Part } from '../Part'
import { ChapterList } from './ChapterList'
import { FULLNESS, fullnessOf, sameAlbum, toTheEdge, usualAlbum, VARIED, withEdge, withFullness } from './albumWish'

const MOST = 9
/** So many photos that wait are most likely meant for many pages. */
const MANY = 12
const ANYWHERE = 'ANYWHERE'
const ALIKE: Record<NonNullable<Album['alike']> | typeof ANYWHERE, string> = {
  [ANYWHERE]: 'come where they come',
  TOGETHER: 'come on one page',
  APART: 'come on different pages',
}
const GAP = { metric: 4000, inch: 3175 }
const pagesOf = (count: number) => (count === 1 ? '1 page' : `${count} pages`)

/** What it would come to, in a sentence. */
function comesTo({ pages, flowing, changed, pinned, largest }: FlowChange, again: boolean): string {
  const stay = pinned === 0 ? '' : `; ${pinned} pinned ${pinned === 1 ? 'stays' : 'stay'}`
  if (!again) return `${pagesOf(pages)}, at most ${largest} on each${stay}.`
  if (changed === 0) return `Nothing changes${stay}.`
  return `${changed} of ${pagesOf(flowing)} ${changed === 1 ? 'changes' : 'change'}${stay}; ${pagesOf(pages)} then.`
}

/** How the photos flow over pages: made once, and changed as often as one likes. */
export function AlbumPart() {
  const { piece, stored, page, handle, select, goTo } = useRoom()
  const { album } = stored
  const [wished, setWished] = useState<Album>()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const usual = usualAlbum(page.arrangement.margins, GAP[systemOf(piece.format.unit)])
  const wish = wished ?? album ?? usual
  const change = (part: (now: Album) => Album) => {
    setWished((now) => part(now ?? album ?? usual))
    setWrong(null)
  }
  // As text: an equal wish is no other one.
  const said = JSON.stringify(wish)
  const settled = useSettled(said)
  const files = piece.entries.map(({ photo }) => photo).join()
  const choosing = useChoosing(piece.id, files, wish.alike !== undefined)
  const unlooked = wish.alike === undefined ? 0 : (choosing?.left ?? piece.entries.length)
  const trial = useQuery({
    // With more photos looked at it may be another flow.
    queryKey: ['album', piece.id, handle.open?.revision, settled, unlooked],
    queryFn: () =>
      data(
        client.POST('/api/pieces/{piece}/album/trial', {
          params: { path: { piece: piece.id } },
          body: { album: JSON.parse(settled) as Album },
        }),
      ),
    placeholderData: (before) => before,
    retry: false,
  })
  const flow = async () => {
    if (!(await allTaken())) return
    const problem = await handle.edit({ kind: 'flowAlbum', album: wish }, { quiet: true })
    setWrong(problem && { field: problem.field, message: problem.message })
    if (problem) return
    setWished(undefined)
    if (album) return
    const first = handle.latest()?.piece.pages.find((one) => one.flow === 'FLOWED')
    select({ kind: 'page', pageId: first?.id ?? page.id })
    goTo('arrange')
  }
  const varied = fullnessOf(wish) === VARIED
  const aside = stored.entries.filter((entry) => entry.aside)
  const behind = settled !== said || trial.isPlaceholderData
  const result = trial.isError || behind ? undefined : trial.data
  const idle = album !== null && sameAlbum(wish, album) && result?.changed === 0
  return (
    <Part title={album ? 'The album' : 'An album of these photos'} folded={!album && waitingIn(piece).length <= MANY}>
      <Choice
        label="On each page"
        options={{ ...FULLNESS, [VARIED]: 'as suits the photos' }}
        value={fullnessOf(wish)}
        onChange={(fullness) => change((now) => withFullness(now, fullness))}
      />
      {varied && (
        <>
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label="At least"
              value={wish.least}
              min={1}
              max={MOST}
              onCommit={(least) => change((now) => ({ ...now, least, most: Math.max(least, now.most) }))}
            />
            <NumberField
              label="At most"
              value={wish.most}
              min={1}
              max={MOST}
              onCommit={(most) => change((now) => ({ ...now, most, least: Math.min(most, now.least) }))}
            />
          </div>
          <Ticks names={{ singles: 'A photo by itself now and then' }} album={wish} onChange={change} />
        </>
      )}
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-woad"
          checked={toTheEdge(wish)}
          onChange={(event) => change((now) => withEdge(now, event.target.checked, usualMargins(usual)))}
        />
        Photos go to the edge
      </label>
      {!toTheEdge(wish) && (
        <MarginFields
          margins={wish.margins}
          wrong={wrong?.field === 'margins' ? wrong.message : undefined}
          names={{ left: 'at the fold', right: 'outside' }}
          onCommit={(margins) => change((now) => ({ ...now, margins: { ...now.margins, ...margins } }))}
        />
      )}
      <LengthField
        label="Gap between photos"
        value={wish.gap}
        format={piece.format}
        wrong={wrong?.field === 'gap' ? wrong.message : undefined}
        onCommit={(gap) => change((now) => ({ ...now, gap }))}
      />
      <Choice
        label="Photos that look alike"
        options={ALIKE}
        value={wish.alike ?? ANYWHERE}
        onChange={(to) => change((now) => ({ ...now, alike: to === ANYWHERE ? undefined : to }))}
      />
      {album && <CaptionsShown label="Captions" />}
      <Ticks
        names={{ openings: 'A page for each chapter’s title', onRight: 'Chapters begin on right-hand pages' }}
        album={wish}
        onChange={change}
      />
      <ChapterList chapters={wish.chapters} onChange={(chapters) => change((now) => ({ ...now, chapters }))} />
      <p role="status" className="min-h-5 text-[13px] leading-5">
        {unlooked > 0
          ? `Looking at photos: ${unlooked} to go …`
          : result
            ? comesTo(result, album !== null)
            : trial.isError
              ? ''
              : 'Working out what it comes to …'}
      </p>
      {(trial.isError || (wrong && wrong.field !== 'margins' && wrong.field !== 'gap')) && (
        <Wrong>{wrong?.message ?? wordsOf(trial.error)}</Wrong>
      )}
      <Button
        look="primary"
        className="w-full"
        disabled={trial.isError || idle || unlooked > 0}
        onClick={() => void flow()}
      >
        <BookOpen size={16} /> {album ? 'Let it flow anew' : 'Make the album'}
      </Button>
      {aside.length > 0 && (
        <Button
          className="w-full"
          onClick={() => void handle.edit({ kind: 'setAside', entryIds: aside.map(({ id }) => id), aside: false })}
        >
          Take back the {aside.length} that {aside.length === 1 ? 'is' : 'are'} out
        </Button>
      )}
    </Part>
  )
}

interface TicksProps {
  names: Partial<Record<'singles' | 'openings' | 'onRight', string>>
  album: Album
  onChange: (part: (now: Album) => Album) => void
}

/** What an album has or has not. */
function Ticks({ names, album, onChange }: TicksProps) {
  return (Object.keys(names) as (keyof typeof names)[]).map((what) => (
    <label key={what} className="flex items-center gap-2">
      <input
        type="checkbox"
        className="size-4 accent-woad"
        checked={album[what]}
        onChange={(event) => onChange((now) => ({ ...now, [what]: event.target.checked }))}
      />
      {names[what]}
    </label>
  ))
}

/** Margins to go back to: never none. */
const usualMargins = ({ margins }: Album) =>
  Object.values(margins).some((margin) => margin > 0)
    ? margins
    : { top: 10_000, right: 10_000, bottom: 10_000, left: 10_000 }
