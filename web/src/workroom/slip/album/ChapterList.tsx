import { BookmarkPlus, CalendarDays, X } from 'lucide-react'
import { type Album, client, data, wordsOf } from '../../../api/client'
import { inputLook } from '../../../fields/Field'
import { Button, IconButton } from '../../../ui/Button'
import { useNotice } from '../../../ui/Notices'
import { useRoom } from '../../context'
import { spelled } from '../../words/languages'
import { begun, chaptersInOrder, joined, retitled } from './chapterWish'

interface Props {
  chapters: Album['chapters']
  onChange: (chapters: Album['chapters']) => void
}

/** The album’s chapters: where each begins, what it is called; found by days and places, begun by hand, joined again. */
export function ChapterList({ chapters, onChange }: Props) {
  const { piece, stored, photos, chosen, handle } = useRoom()
  const notice = useNotice()
  const found = chaptersInOrder(chapters, stored.entries)
  const names = new Map(photos.map((photo) => [photo.entryId, photo.fileName]))
  const [only, ...more] = stored.entries.filter(({ id }) => chosen.chosen.has(id))
  const canBegin = only && more.length === 0 && !chapters.some(({ first }) => first === only.id)
  // What is only wished cannot move yet.
  const movable = stored.album !== null && JSON.stringify(stored.album.chapters) === JSON.stringify(chapters)
  const move = (chapterId: string, index: number) => void handle.edit({ kind: 'moveChapter', chapterId, index })
  const propose = async () => {
    try {
      const params = { path: { piece: piece.id } }
      const proposed = await data(client.GET('/api/pieces/{piece}/album/chapters', { params }))
      if (proposed.length > 0) onChange(proposed)
      else notice('Nothing tells chapters apart: the photos are of one time and place, or have no dates.')
    } catch (problem) {
      notice(wordsOf(problem), { tone: 'wrong' })
    }
  }
  return (
    <div role="group" aria-label="Chapters" className="space-y-2">
      <h4 className="text-[13px] leading-4 text-soft">Chapters</h4>
      {found.length > 0 && (
        <ul className="space-y-2">
          {found.map(({ chapter, from, photos: count }, index) => (
            <li key={chapter.id}>
              <span className="flex items-center gap-1">
                <input
                  {...spelled(stored.styles)}
                  aria-label={`Title of chapter ${index + 1}`}
                  className={inputLook}
                  placeholder="no title"
                  maxLength={120}
                  value={chapter.title}
                  onChange={(event) => onChange(retitled(chapters, chapter.id, event.target.value))}
                />
                {movable && found.length > 1 && (
                  <select
                    aria-label={`Place of chapter ${index + 1}`}
                    title="Its place among the chapters; all of its photos go along"
                    className={`${inputLook} w-14! shrink-0 px-1!`}
                    value={index}
                    onChange={(event) => move(chapter.id, Number(event.target.value))}
                  >
                    {found.map((_, place) => (
                      <option key={place} value={place}>
                        {place + 1}
                      </option>
                    ))}
                  </select>
                )}
                <IconButton
                  name={`Join chapter ${index + 1} with the one before`}
                  onClick={() => onChange(joined(chapters, chapter.id))}
                >
                  <X size={16} />
                </IconButton>
              </span>
              <span className="block truncate text-[13px] leading-5 text-soft">
                {count} {count === 1 ? 'photo' : 'photos'} from {from + 1}, {names.get(chapter.first) ?? ''}
              </span>
            </li>
          ))}
        </ul>
      )}
      <Button className="w-full" onClick={() => void propose()}>
        <CalendarDays size={16} /> Chapters by days and places
      </Button>
      {canBegin && (
        <Button
          className="w-full"
          title="The album flows so when you let it"
          onClick={() => onChange(begun(chapters, only.id))}
        >
          <BookmarkPlus size={16} /> <span className="truncate">Begin one at {names.get(only.id)}</span>
        </Button>
      )}
    </div>
  )
}
