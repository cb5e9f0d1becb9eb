import { Palette, Undo2 } from 'lucide-react'
import type { Ornament } from '../../api/client'
import { ColourChoice } from '../paint/ColourChoice'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import type { Frame } from '../piece/model'
import { Part } from '../slip/Part'
import { useTrial } from '../useTrial'
import { useTryOut } from '../useTryOut'
import { OrnamentCards } from './OrnamentCards'
import { inOneHue } from './tints'
import { useOrnaments } from './useOrnaments'

interface Props {
  title: string
  frame: Frame
  drawn: { drawing: Ornament['drawing']; colours: string[] }
}

/** The colours of an ornament or a ring, part by part or in one hue, and others that can take its place. */
export function OrnamentFields({ title, frame, drawn }: Props) {
  const { storedPage, handle } = useRoom()
  const trial = useTrial()
  const all = useOrnaments()
  const own = all.find(({ drawing }) => drawing === drawn.drawing)
  const here = { pageId: storedPage.id, itemIds: [frame.id] }
  const coloured = (colours: string[]) => ({ kind: 'colourOrnaments' as const, ...here, colours })
  const exchanged = (drawing: Ornament['drawing']) => ({ kind: 'exchangeOrnaments' as const, ...here, drawing })
  const trying = useTryOut<Ornament['drawing']>((drawing) => handle.preview(drawing ? exchanged(drawing) : null))
  if (!own) return null
  const usual = own.parts.map((part) => part.usual)
  const withPart = (index: number, colour: string) => drawn.colours.with(index, colour)
  const first = drawn.colours[0] ?? ''
  return (
    <>
      <Part title={title}>
        <div className="grid grid-cols-2 gap-2">
          {own.parts.map(({ name }, index) => (
            <ColourChoice
              key={name}
              label={name}
              value={drawn.colours[index] ?? ''}
              onPreview={(colour) => trial.show(coloured(withPart(index, colour)))}
              onCommit={(colour) => trial.set(coloured(withPart(index, colour)))}
            />
          ))}
        </div>
        <div className="grid grid-cols-2 gap-2">
          {own.parts.length > 1 && (
            <Button className="px-1!" onClick={() => trial.set(coloured(inOneHue(usual, first)))}>
              <Palette size={16} /> All like the first
            </Button>
          )}
          <Button
            className="px-1!"
            disabled={usual.every((colour, index) => colour === drawn.colours[index])}
            onClick={() => trial.set(coloured(usual))}
          >
            <Undo2 size={16} /> Its own colours
          </Button>
        </div>
      </Part>
      <Part title="Others in its place" folded>
        <OrnamentCards
          label="Others in its place"
          ornaments={all.filter(({ family }) => family === own.family)}
          colours={drawn.colours}
          pressed={own.drawing}
          trying={trying}
          onPick={({ drawing }) => trial.set(exchanged(drawing))}
        />
      </Part>
    </>
  )
}
