import { BookType, FileText, Stamp } from 'lucide-react'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { Part } from '../Part'

/** Pages that hold nothing but words: before all others, after the one on the bench, at the end. */
export function WordsPages() {
  const { piece, page, handle, select } = useRoom()
  const last = piece.pages.at(-1)?.id
  const add = async (what: 'TITLE' | 'TEXT' | 'IMPRINT', afterPageId: string | undefined, text: string) => {
    const problem = await handle.edit({ kind: 'addWordsPage', what, afterPageId, text })
    if (problem) return
    const pages = handle.latest()?.piece.pages ?? []
    const at = afterPageId === undefined ? 0 : pages.findIndex(({ id }) => id === afterPageId) + 1
    const added = pages[at]
    if (added) select({ kind: 'page', pageId: added.id })
  }
  return (
    <Part title="Pages of words" folded>
      <Button className="w-full" onClick={() => void add('TITLE', undefined, piece.name)}>
        <BookType size={16} /> A title page in front
      </Button>
      <Button className="w-full" onClick={() => void add('TEXT', page.id, 'A page to write on.')}>
        <FileText size={16} /> A page of text after this one
      </Button>
      <Button
        className="w-full"
        onClick={() => void add('IMPRINT', last, `${piece.name}\n${new Date().getFullYear()}`)}
      >
        <Stamp size={16} /> An imprint at the end
      </Button>
    </Part>
  )
}
