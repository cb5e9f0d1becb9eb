import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import { useState } from 'react'
import { Button } from '../../ui/Button'
import { NumberField } from '../../fields/NumberField'
import { useRoom } from '../context'
import { useSeenScale } from './seenScale'
import { actualSize, keepScreenMm, printPixels, sayScale, screenMm } from './view'

/** As long as ten centimetres are, if a screen is as CSS takes it to be. */
const RULED_MM = 100

/** How large the page is seen, and the scales that mean something: all of it, as printed, and print pixels. */
export function ScaleMenu() {
  const { piece, scene, frameScene, view, setView } = useRoom()
  const seen = useSeenScale()
  const ppi = piece.format.resolution
  const ratio = window.devicePixelRatio || 1
  if (!seen || !scene) return null
  // From all of the page one goes closer to what is selected.
  const { x, y, width, height } = frameScene?.bounds ?? { x: 0, y: 0, width: scene.widthMm, height: scene.heightMm }
  const look = (pixelsPerMm: number) =>
    setView({ pixelsPerMm, x: view?.x ?? x + width / 2, y: view?.y ?? y + height / 2 })
  const link = 'min-h-8 px-1.5 hover:text-woad hover:underline aria-pressed:font-semibold'
  return (
    <div role="group" aria-label="How large the page is seen" className="flex items-center">
      <button className={link} aria-pressed={!view} title="All of the page (0)" onClick={() => setView(null)}>
        fit
      </button>
      <span aria-hidden>·</span>
      <Popover className="relative">
        <PopoverButton className={`${link} min-w-14 font-semibold tabular-nums`} title="Scale; 100 % is as printed">
          {sayScale(seen, ppi, ratio)}
        </PopoverButton>
        <PopoverPanel
          anchor="bottom end"
          className="z-40 w-[27rem] space-y-3 border border-line bg-paper p-4 shadow-md focus:outline-none"
        >
          {({ close }) => (
            <>
              <div className="flex gap-2">
                {[25, 50, 100, 200].map((percent) => (
                  <Button
                    key={percent}
                    className="flex-1 px-0!"
                    onClick={() => {
                      look((actualSize() * percent) / 100)
                      close()
                    }}
                  >
                    {percent} %
                  </Button>
                ))}
                <Button
                  className="px-2!"
                  title="Each pixel of the print on one dot of the screen"
                  onClick={() => {
                    look(printPixels(ppi, ratio))
                    close()
                  }}
                >
                  Print pixels
                </Button>
              </div>
              <Ruler onMeasured={() => view && setView({ ...view })} />
            </>
          )}
        </PopoverPanel>
      </Popover>
      <span aria-hidden>·</span>
      <button
        className={link}
        aria-pressed={view !== null && Math.abs(view.pixelsPerMm / actualSize() - 1) < 0.001}
        title="As large as it will be printed"
        onClick={() => look(actualSize())}
      >
        actual size
      </button>
    </div>
  )
}

/** Screens differ: what a ruler says of this line makes actual size actual. */
function Ruler({ onMeasured }: { onMeasured: () => void }) {
  const [mm, setMm] = useState(screenMm() * RULED_MM)
  return (
    <div className="border-t border-line pt-3">
      <div aria-hidden className="mb-2 h-3 border-x border-b border-ink" style={{ width: `${RULED_MM}mm` }} />
      <NumberField
        label="Hold a ruler to this line: so long it is"
        suffix="mm"
        value={mm}
        min={30}
        max={300}
        decimals={1}
        onCommit={(measured) => {
          keepScreenMm(measured / RULED_MM)
          setMm(measured)
          onMeasured()
        }}
      />
    </div>
  )
}
