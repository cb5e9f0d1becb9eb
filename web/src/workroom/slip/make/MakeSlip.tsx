import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { client, data, type MakeRequest, wordsOf } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { FOLDED_PAGES } from '../../../shelf/starting'
import { ForTheShop } from './ForTheShop'
import { TrimPicture } from './TrimPicture'
import { PassingWords } from './PassingWords'
import { MadeFile } from './MadeFile'
import { Part } from '../Part'

type Which = 'all' | 'one'
const POLL_MS = 400

const FOLDS = {
  NONE: 'each page by itself',
  SIDE: 'a card folded at the side',
  TOP: 'a card folded at the top',
}
const SHARPENING = { NONE: 'as the photos are', SOME: 'a little sharper', MORE: 'sharper' }
/** What is on the sheets, and how they are turned between printing one side and the other. */
const FOLDED = {
  SIDE: 'Two sides of one sheet: back beside front, and the two inside. Turn the paper like a page of a book. A short line beyond the trim shows the fold.',
  TOP: 'Two sides of one sheet: the back on its head over the front, and the two inside. Turn the paper top to bottom. A short line beyond the trim shows the fold.',
}

export function MakeSlip() {
  const { piece, page, handle } = useRoom()
  const number = piece.pages.findIndex(({ id }) => id === page.id)
  const queries = useQueryClient()
  const [kind, setKind] = useState<MakeRequest['kind']>('PDF')
  const [which, setWhich] = useState<Which>('all')
  const [resolution, setResolution] = useState(piece.format.resolution)
  const [jpegQuality, setQuality] = useState(92)
  const [ground, setGround] = useState<MakeRequest['ground']>('PAGE_COLOUR')
  const [extent, setExtent] = useState<MakeRequest['extent']>('TRIM')
  const [fold, setFold] = useState<NonNullable<MakeRequest['fold']> | 'NONE'>('NONE')
  const [photos, setPhotos] = useState<MakeRequest['photos']>('FITTED')
  const [sharpening, setSharpening] = useState<NonNullable<MakeRequest['sharpening']> | 'NONE'>('NONE')
  const [wrong, setWrong] = useState<string>()
  const key = ['makes', piece.id]
  const makes = useQuery({
    queryKey: key,
    queryFn: () => data(client.GET('/api/pieces/{piece}/makes', { params: { path: { piece: piece.id } } })),
    refetchInterval: ({ state }) =>
      state.data?.some(({ state: s }) => s === 'WAITING' || s === 'MAKING') ? POLL_MS : false,
  })

  const foldable = which === 'all' && piece.pages.length === FOLDED_PAGES
  const pages = which === 'all' ? piece.pages.map((_, index) => index) : [number]
  const body: MakeRequest = {
    ...{ kind, pages, resolution, jpegQuality, ground, extent, photos },
    ...(foldable && fold !== 'NONE' && { fold }),
    ...(sharpening !== 'NONE' && { sharpening }),
  }
  const make = async () => {
    try {
      await data(client.POST('/api/pieces/{piece}/makes', { params: { path: { piece: piece.id } }, body }))
      setWrong(undefined)
      await queries.invalidateQueries({ queryKey: key })
    } catch (problem) {
      setWrong(wordsOf(problem))
    }
  }
  const pixels = (length: number) => Math.round((length / 25_400) * resolution)
  return (
    <>
      <Part title="What to make">
        <Choice
          label="File"
          value={kind}
          onChange={setKind}
          options={{ PDF: 'PDF for print', JPEG: 'JPEG images', PNG: 'PNG images' }}
        />
        {piece.pages.length > 1 && (
          <Choice
            label="Pages"
            value={which}
            onChange={setWhich}
            options={{ all: `All ${piece.pages.length} pages`, one: `Page ${number + 1} only` }}
          />
        )}
        {foldable && (
          <>
            <Choice label="Sheets" value={fold} onChange={setFold} options={FOLDS} />
            {fold !== 'NONE' && <p className="text-[13px] leading-4 text-soft">{FOLDED[fold]}</p>}
          </>
        )}
        <NumberField label="Resolution" suffix="ppi" value={resolution} min={20} max={1200} onCommit={setResolution} />
        {kind === 'PDF' && (
          <Choice
            label="Photos"
            value={photos}
            onChange={setPhotos}
            options={{ FITTED: 'As fine as asked for', ORIGINALS: 'Untouched, however large' }}
          />
        )}
        <Choice label="Sharpness on paper" value={sharpening} onChange={setSharpening} options={SHARPENING} />
        {kind === 'JPEG' && (
          <NumberField label="Quality" suffix="1 to 100" value={jpegQuality} min={1} max={100} onCommit={setQuality} />
        )}
        {kind === 'PNG' && (
          <Choice
            label="Behind the frames"
            value={ground}
            onChange={setGround}
            options={{ PAGE_COLOUR: 'Page colour', CLEAR: 'Nothing (transparent)' }}
          />
        )}
        {kind !== 'PDF' && piece.format.bleed > 0 && (
          <Choice
            label="Images end at"
            value={extent}
            onChange={setExtent}
            options={{ TRIM: 'The trim', BLEED: 'The bleed' }}
          />
        )}
        <p className="text-[13px] leading-4 text-soft">
          {kind === 'PDF'
            ? photos === 'FITTED'
              ? 'Words stay words; trim and bleed are marked.'
              : 'The file may become large. Words stay words; trim and bleed are marked.'
            : `Each page ${pixels(piece.format.width)} × ${pixels(piece.format.height)} pixels, with its resolution and the sRGB profile in the file.`}
        </p>
        {kind === 'PDF' && <PassingWords piece={piece.id} revision={handle.open?.revision} request={body} />}
        <Button look="primary" className="w-full" onClick={() => void make()}>
          Make the file
        </Button>
        {wrong && <Wrong>{wrong}</Wrong>}
      </Part>
      {kind === 'PDF' && (
        <>
          <Part title="Trim and bleed" folded>
            <TrimPicture />
          </Part>
          <Part title="What to tell the shop" folded>
            <ForTheShop />
          </Part>
        </>
      )}
      <Part title="Made">
        {makes.data?.length === 0 && (
          <p className="text-soft">Nothing yet. A file that is made waits here to be saved.</p>
        )}
        <ul className="space-y-2">
          {makes.data?.map((made) => (
            <MadeFile key={made.id} made={made} revision={handle.open?.revision} />
          ))}
        </ul>
      </Part>
    </>
  )
}
