import { ArrowLeftRight } from 'lucide-react'
import type { Format } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { useRoom } from '../../context'
import type { WantedEdit } from '../../piece/usePiece'
import { Part } from '../Part'

/** The finished size and the bleed; what arranges the frames follows. */
export function PagePart({
  send,
  about,
}: {
  send: (edit: WantedEdit) => Promise<unknown>
  about: (...fields: string[]) => string | undefined
}) {
  const { format } = useRoom().piece
  const set = (change: (now: Format) => Partial<Format>) =>
    void send(({ stored }) => ({ kind: 'setFormat', format: { ...stored.format, ...change(stored.format) } }))
  return (
    <Part title="Finished size">
      <div className="grid grid-cols-[1fr_1fr_2rem] items-end gap-2">
        <LengthField
          label="Width"
          value={format.width}
          format={format}
          wrong={about('width')}
          onCommit={(width) => set(() => ({ width }))}
        />
        <LengthField
          label="Height"
          value={format.height}
          format={format}
          wrong={about('height')}
          onCommit={(height) => set(() => ({ height }))}
        />
        <button
          aria-label="Swap width and height"
          title="Swap width and height"
          className="flex size-8 items-center justify-center border border-edge bg-paper hover:border-woad"
          onClick={() => set(({ width, height }) => ({ width: height, height: width }))}
        >
          <ArrowLeftRight size={16} />
        </button>
      </div>
      <LengthField
        label="Bleed"
        value={format.bleed}
        format={format}
        wrong={about('bleed')}
        onCommit={(bleed) => set(() => ({ bleed }))}
      />
    </Part>
  )
}
