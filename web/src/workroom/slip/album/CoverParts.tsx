import { useQuery } from '@tanstack/react-query'
import { BookMarked } from 'lucide-react'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { client, data, wordsOf } from '../../../api/client'
import { NumberField } from '../../../fields/NumberField'
import { allTaken } from '../../../fields/taking'
import { Wrong } from '../../../fields/Wrong'
import { LengthField } from '../../../measure/LengthField'
import { say } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { Part } from '../Part'

/** A sheet of 150 g paper, micrometres. */
const PAPER = 150
/** Lengths as thin as paper are said in millimetres, whatever the piece is measured in. */
const THIN = { unit: 'MM', resolution: 300 } as const
const MOST_PAGES = 400

const spineOf = (pages: number, paper: number, boards: number) => Math.floor((pages + 1) / 2) * paper + boards

/** A cover for the album: back, spine and front as one sheet, which is a piece of its own. */
export function NewCover() {
  const { piece } = useRoom()
  const navigate = useNavigate()
  const [paper, setPaper] = useState(PAPER)
  const [boards, setBoards] = useState(0)
  const [wrong, setWrong] = useState<string>()
  const make = async () => {
    if (!(await allTaken())) return
    try {
      const params = { path: { piece: piece.id } }
      const made = await data(client.POST('/api/pieces/{piece}/album/cover', { params, body: { paper, boards } }))
      void navigate(`/pieces/${made.id}/arrange`)
    } catch (problem) {
      setWrong(wordsOf(problem))
    }
  }
  return (
    <Part title="A cover for it" folded>
      <div className="grid grid-cols-2 gap-2">
        <LengthField label="A sheet of paper" value={paper} format={THIN} onCommit={setPaper} />
        <LengthField label="Boards, both" value={boards} format={THIN} onCommit={setBoards} />
      </div>
      <p className="text-[13px] leading-4 text-soft">
        {piece.pages.length} pages make a spine of {say(spineOf(piece.pages.length, paper, boards), THIN)}.
      </p>
      {wrong && <Wrong>{wrong}</Wrong>}
      <Button className="w-full" onClick={() => void make()}>
        <BookMarked size={16} /> Make a cover
      </Button>
    </Part>
  )
}

/** What a cover is for, and how wide that makes its spine. */
export function CoverPart() {
  const { stored, handle } = useRoom()
  const { cover } = stored
  const shelf = useQuery({
    queryKey: ['shelf'],
    queryFn: () => data(client.GET('/api/pieces')),
    enabled: cover !== null,
  })
  const [wrong, setWrong] = useState<string>()
  if (!cover) return null
  const album = shelf.data?.find(({ id }) => id === cover.album)
  const fit = async (change: Partial<typeof cover>) => {
    const { pages, paper, boards } = { ...cover, ...change }
    setWrong((await handle.edit({ kind: 'fitCover', pages, paper, boards }, { quiet: true }))?.message)
  }
  return (
    <Part title="The cover">
      <p className="text-[13px] leading-4 text-soft">
        {album ? `For “${album.name}”` : 'Its album is no longer on the shelf'}: back, spine and front. The spine is{' '}
        {say(spineOf(cover.pages, cover.paper, cover.boards), THIN)} wide.
      </p>
      {album && album.pages !== cover.pages && (
        <Button className="w-full" look="primary" onClick={() => void fit({ pages: album.pages })}>
          Fit it to the {album.pages} pages there are now
        </Button>
      )}
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label="Pages of it"
          value={cover.pages}
          min={1}
          max={MOST_PAGES}
          onCommit={(pages) => void fit({ pages })}
        />
        <LengthField label="A sheet" value={cover.paper} format={THIN} onCommit={(paper) => void fit({ paper })} />
        <LengthField label="Boards" value={cover.boards} format={THIN} onCommit={(boards) => void fit({ boards })} />
      </div>
      {wrong && <Wrong>{wrong}</Wrong>}
    </Part>
  )
}
