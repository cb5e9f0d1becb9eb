import type { Ornament } from '../../api/client'
import type { useTryOut } from '../useTryOut'
import { OrnamentPicture } from './OrnamentPicture'
import { ornamentName } from './useOrnaments'

interface Props {
  label: string
  ornaments: Ornament[]
  /** In which each is drawn; its own if nothing, or if it has another number of parts. */
  colours?: string[]
  pressed?: Ornament['drawing']
  trying: ReturnType<typeof useTryOut<Ornament['drawing']>>
  onPick: (ornament: Ornament) => void
}

/** Ornaments to choose from, by their pictures. */
export function OrnamentCards({ label, ornaments, colours, pressed, trying, onPick }: Props) {
  return (
    <ul aria-label={label} className="grid grid-cols-3 gap-2">
      {ornaments.map((ornament) => (
        <li key={ornament.drawing}>
          <button
            type="button"
            aria-pressed={pressed && pressed === ornament.drawing}
            {...trying(ornament.drawing, ornament.drawing)}
            onClick={() => onPick(ornament)}
            className={`block w-full border bg-paper p-1 ${pressed === ornament.drawing ? 'border-woad outline-1 outline-woad' : 'border-line hover:border-woad'}`}
          >
            {/* Drawn on paper in the dark, too: the colours are those of the print. */}
            <span className="flex aspect-[4/3] items-center justify-center bg-[#fffdf8] p-1">
              <OrnamentPicture
                ornament={ornament}
                colours={colours?.length === ornament.parts.length ? colours : undefined}
                className="max-h-full max-w-full"
              />
            </span>
            <span className="block min-h-9 pt-1 text-[13px] leading-4">{ornamentName(ornament.drawing)}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
