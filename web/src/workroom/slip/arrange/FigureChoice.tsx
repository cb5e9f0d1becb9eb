import { useQuery } from '@tanstack/react-query'
import { Shapes } from 'lucide-react'
import { useState } from 'react'
import { client, data, type Figure, wordsOf } from '../../../api/client'
import { Field, inputLook } from '../../../fields/Field'
import { Wrong } from '../../../fields/Wrong'
import { Button } from '../../../ui/Button'
import { FileButton } from '../../../ui/FileButton'
import { useRoom } from '../../context'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { useTypefaces } from '../../words/useTypefaces'

interface Props {
  chosen?: Figure
  /** What is shown while it is looked at; null when it no longer is. */
  onTry: (figure: Figure | null) => void
  onPick: (figure: Figure) => void
}

/** A silhouette to fill with photos: one of those that ship, of what is cut out in the piece, a word, or one of a person's own drawing. */
export function FigureChoice({ chosen, onTry, onPick }: Props) {
  const [wrong, setWrong] = useState<string>()
  const shipped = useQuery({
    queryKey: ['figures'],
    queryFn: () => data(client.GET('/api/figures')),
    staleTime: Infinity,
  })
  const { piece } = useRoom()
  const cutOut = useQuery({
    queryKey: ['figures', piece.id],
    queryFn: () => data(client.GET('/api/pieces/{piece}/figures', { params: { path: { piece: piece.id } } })),
  })
  const take = async (read: () => Promise<Figure>) => {
    try {
      onPick(await read())
      setWrong(undefined)
    } catch (thrown) {
      setWrong(wordsOf(thrown))
    }
  }
  const readFile = async (file: File): Promise<Figure> => {
    const name = file.name.replace(/\.svg$/i, '')
    const { outline, proportion } = await data(
      client.POST('/api/outlines', { body: { name, text: await file.text() } }),
    )
    if (outline.kind !== 'traced') throw new Error('The file holds no outline.')
    return { name: outline.name, data: outline.data, proportion }
  }
  return (
    <div className="space-y-2">
      <div
        role="radiogroup"
        aria-label="Silhouette"
        className="grid grid-cols-4 gap-1"
        onPointerLeave={() => onTry(null)}
      >
        {[...(shipped.data ?? []), ...(cutOut.data ?? [])].map((figure) => {
          const on = chosen?.name === figure.name && chosen.data === figure.data
          return (
            <button
              key={figure.data}
              role="radio"
              aria-checked={on}
              onClick={() => onPick(figure)}
              onPointerEnter={() => onTry(figure)}
              onFocus={() => onTry(figure)}
              onBlur={() => onTry(null)}
              className={`flex flex-col items-center gap-1 border p-1.5 ${on ? 'border-woad bg-wash font-semibold' : 'border-line bg-paper hover:border-woad'}`}
            >
              <FigureDrawing figure={figure} />
              <span className="w-full truncate text-[13px] leading-4" title={figure.name}>
                {figure.name}
              </span>
            </button>
          )
        })}
      </div>
      <WordFigure
        onMake={(word, typeface) => take(() => data(client.POST('/api/figures/words', { body: { word, typeface } })))}
      />
      <FileButton
        name="SVG file with a silhouette"
        accept=".svg,image/svg+xml"
        className="w-full"
        onFile={(file) => void take(() => readFile(file))}
      >
        <Shapes size={16} /> A silhouette from an SVG file …
      </FileButton>
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  )
}

const HIGH = 34

function FigureDrawing({ figure: { data: outline, proportion } }: { figure: Figure }) {
  const scale = Math.min(HIGH, 44 / proportion)
  return (
    <svg aria-hidden width={scale * proportion} height={scale} viewBox="0 0 1 1" preserveAspectRatio="none">
      <path d={outline} className="fill-soft" />
    </svg>
  )
}

/** A word or a number as a silhouette. */
function WordFigure({ onMake }: { onMake: (word: string, typeface: string) => Promise<void> }) {
  const typefaces = useTypefaces()
  const [word, setWord] = useState('')
  const [typeface, setTypeface] = useState<string>()
  const face = typeface ?? (typefaces[1] ?? typefaces[0])?.name ?? ''
  return (
    <form
      className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        void onMake(word, face)
      }}
    >
      <Field label="A word or number">
        {(ids) => (
          <input
            {...ids}
            className={inputLook}
            value={word}
            placeholder="60"
            onChange={(event) => setWord(event.target.value)}
          />
        )}
      </Field>
      <TypefaceChoice label="Letters" value={face} onChange={setTypeface} />
      <Button type="submit" disabled={word.trim() === ''}>
        Cut
      </Button>
    </form>
  )
}
