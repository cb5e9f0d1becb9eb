import { LayoutGrid } from 'lucide-react'
import { useState } from 'react'
import type { Edit, Mosaic } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { NumberField } from '../../../fields/NumberField'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { Part } from '../Part'

const MOST_ACROSS = 200
/** What a mosaic is at first. */
const USUAL = { weave: { across: 48, sizes: 1, most: 0 }, tint: 0.35, veil: 0.15 }

const SIZES: Record<'1' | '2' | '3', string> = { 1: 'one size', 2: 'two sizes', 3: 'three sizes' }

/** A photo made up of the piece's other photos: how many tiles, and how much of the photo itself is seen over them. */
export function MosaicPart({ frame }: { frame: Frame }) {
  const { page, storedPage, piece, handle } = useRoom()
  const { fill } = frame.item
  const [choosing, setChoosing] = useState(false)
  if (fill.kind !== 'ownPhoto') return null
  const { mosaic } = fill
  const others = piece.entries.filter(({ id, aside }) => id !== frame.entry && !aside).length
  const edit = (pageId: string, change: Partial<Pick<Mosaic, 'weave' | 'tint' | 'veil'>>): Edit => {
    const { weave, tint, veil } = { ...USUAL, ...mosaic, ...change }
    return { kind: 'makeMosaic', pageId, frameId: frame.id, weave, entryIds: [], tint, veil }
  }
  const set = async (change: Parameters<typeof edit>[1]) => {
    setChoosing(true)
    await handle.edit(edit(page.id, change))
    setChoosing(false)
  }
  const tryOut = (change: Parameters<typeof edit>[1]) => handle.preview(edit(storedPage.id, change))
  return (
    <Part title="Mosaic" folded={!mosaic}>
      {!mosaic ? (
        <>
          <Button className="w-full" disabled={others === 0 || choosing} onClick={() => void set({})}>
            <LayoutGrid size={16} /> {choosing ? 'Choosing photos …' : 'Make it up of the other photos'}
          </Button>
          <p className="text-[13px] leading-4 text-soft">
            {others === 0
              ? 'It takes other photos in this piece; twenty or more are best.'
              : `The whole photo becomes tiles of the other ${others}, each where its colours suit. They stay as sharp as they are.`}
          </p>
        </>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-2">
            <NumberField
              label="Tiles across"
              value={mosaic.weave.across}
              min={4}
              max={MOST_ACROSS}
              onCommit={(across) => void set({ weave: { ...mosaic.weave, across } })}
            />
            <NumberField
              label="Each at most"
              value={mosaic.weave.most}
              min={0}
              max={1000}
              onCommit={(most) => void set({ weave: { ...mosaic.weave, most } })}
            />
          </div>
          <p className="text-[13px] leading-4 text-soft">
            {choosing
              ? 'Choosing photos …'
              : `${mosaic.chosen.length / 3} tiles of ${mosaic.photos.length} photos. 0 at most means as often as it suits.`}
          </p>
          <Choice
            label="Tiles are of"
            options={SIZES}
            value={String(mosaic.weave.sizes) as keyof typeof SIZES}
            onChange={(sizes) => void set({ weave: { ...mosaic.weave, sizes: Number(sizes) } })}
          />
          <PercentSlider
            label="Tint of the photo"
            value={mosaic.tint}
            onPreview={(tint) => tryOut({ tint })}
            onCommit={(tint) => void set({ tint })}
          />
          <PercentSlider
            label="The photo over the tiles"
            value={mosaic.veil}
            onPreview={(veil) => tryOut({ veil })}
            onCommit={(veil) => void set({ veil })}
          />
          <Button
            className="w-full"
            onClick={() => void handle.edit({ kind: 'endMosaic', pageId: page.id, frameId: frame.id })}
          >
            Show the photo itself again
          </Button>
        </>
      )}
    </Part>
  )
}
