import { Scissors, UserRound } from 'lucide-react'
import { useState } from 'react'
import type { CutOut, Edit } from '../../../api/client'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Slider } from '../../../fields/Slider'
import { NumberField } from '../../../fields/NumberField'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { Part } from '../Part'
import { CutOutSheet } from './CutOutSheet'

const USUAL_SHADOW = { strength: 0.5, length: 0.3 }
const WHOLE = 100

/** A photo's subject alone: found, or said by strokes, and the shadow that it throws. */
export function CutOutPart({ frame }: { frame: Frame }) {
  const { page, storedPage, handle } = useRoom()
  const [open, setOpen] = useState(false)
  const [looking, setLooking] = useState(false)
  const { fill } = frame.item
  if (fill.kind !== 'ownPhoto') return null
  const cutOut = fill.retouched?.cutOut
  const shadow = cutOut?.shadow
  const shape = (pageId: string, change: Partial<Pick<CutOut, 'edge' | 'shadow'>>): Edit => {
    const { edge, shadow: thrown } = { edge: 0, ...cutOut, ...change }
    return { kind: 'shapeCutOut', pageId, frameId: frame.id, edge, ...(thrown && { shadow: thrown }) }
  }
  const set = (change: Parameters<typeof shape>[1]) => void handle.edit(shape(page.id, change))
  const tryOut = (change: Parameters<typeof shape>[1]) => handle.preview(shape(storedPage.id, change))
  const people = async () => {
    setLooking(true)
    await handle.edit({ kind: 'cutOutPeople', pageId: page.id, frameId: frame.id })
    setLooking(false)
  }
  return (
    <Part title="Cut out" folded={!cutOut}>
      {!cutOut && (
        <Button className="w-full" disabled={looking} onClick={() => void people()}>
          <UserRound size={16} /> {looking ? 'Looking for somebody …' : 'Cut out the person'}
        </Button>
      )}
      <Button className="w-full" onClick={() => setOpen(true)}>
        <Scissors size={16} /> {cutOut ? 'Change it by strokes' : 'Cut out by strokes'}
      </Button>
      {cutOut ? (
        <>
          <div>
            <NumberField
              label="Edge farther out"
              suffix="%"
              value={cutOut.edge * WHOLE}
              min={-WHOLE}
              max={WHOLE}
              step={10}
              onCommit={(edge) => set({ edge: edge / WHOLE })}
            />
            <Slider
              label="Edge farther out"
              value={Math.round(cutOut.edge * WHOLE)}
              least={-WHOLE}
              most={WHOLE}
              step={1}
              onPreview={(edge) => tryOut({ edge: edge / WHOLE })}
              onCommit={(edge) => set({ edge: edge / WHOLE })}
            />
          </div>
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              checked={cutOut.shadow !== undefined}
              onChange={(event) => set({ shadow: event.target.checked ? USUAL_SHADOW : undefined })}
            />
            A shadow on the ground
          </label>
          {shadow && (
            <>
              <PercentSlider
                label="Strength of the shadow"
                value={shadow.strength}
                onPreview={(strength) => tryOut({ shadow: { ...shadow, strength } })}
                onCommit={(strength) => set({ shadow: { ...shadow, strength } })}
              />
              <PercentSlider
                label="Length of the shadow"
                value={shadow.length}
                onPreview={(length) => tryOut({ shadow: { ...shadow, length } })}
                onCommit={(length) => set({ shadow: { ...shadow, length } })}
              />
            </>
          )}
          <Button
            className="w-full"
            onClick={() => void handle.edit({ kind: 'endCutOut', pageId: page.id, frameId: frame.id })}
          >
            Show the whole photo
          </Button>
        </>
      ) : (
        <p className="text-[13px] leading-4 text-soft">
          What is behind it goes, in this frame only. The photo itself stays as it is.
        </p>
      )}
      {open && <CutOutSheet frame={frame} onClose={() => setOpen(false)} />}
    </Part>
  )
}
