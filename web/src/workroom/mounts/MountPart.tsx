import { Plus, Trash2, X } from 'lucide-react'
import type { Mount } from '../../api/client'
import { PercentSlider } from '../../fields/PercentSlider'
import { Wrong } from '../../fields/Wrong'
import { LengthSlider } from '../../measure/LengthSlider'
import { Button, IconButton } from '../../ui/Button'
import { useRoom } from '../context'
import { PaintField } from '../paint/PaintField'
import type { Frame } from '../piece/model'
import { Part } from '../slip/Part'
import { useTrial } from '../useTrial'
import { MountCards } from './MountCards'
import { mountOf, useShippedMounts } from './useMounts'

const ORDER = ['Upper paper', 'Second paper', 'Third paper', 'Fourth paper', 'Fifth paper', 'Lowest paper']
const MOST_SHEETS = 6

/** The papers under what is selected: some to lay it on, and those it lies on, to be changed wherever they are. */
export function MountPart({ frames }: { frames: Frame[] }) {
  const { stored, storedPage } = useRoom()
  const trial = useTrial()
  const shipped = useShippedMounts()
  const ids = frames.map(({ id }) => id)
  const kept = storedPage.frames.filter(({ id }) => ids.includes(id))
  const own = stored.styles.mounts
  const worn = mountOf(kept, storedPage.items, own)
  const wrong = trial.aboutOthers([])
  const laid = (mount: Mount) => ({ kind: 'mountItems' as const, pageId: storedPage.id, itemIds: ids, mount })
  return (
    <Part title="Papers under it" folded={!worn}>
      <MountCards
        mounts={[...own, ...shipped.filter(({ id }) => !own.some((one) => one.id === id))]}
        pressed={worn?.id}
        onTry={(mount) => (mount ? trial.show(laid(mount)) : trial.end())}
        onPick={(mount) => trial.set(laid(mount))}
      />
      {worn && (
        <>
          <MountFields mount={worn} trial={trial} />
          <Button
            className="w-full"
            onClick={() => trial.set({ kind: 'unmountItems', pageId: storedPage.id, itemIds: ids })}
          >
            <X size={16} /> No papers
          </Button>
        </>
      )}
      {wrong && <Wrong>{wrong}</Wrong>}
    </Part>
  )
}

function MountFields({ mount, trial }: { mount: Mount; trial: ReturnType<typeof useTrial> }) {
  const { format } = useRoom().stored
  const shorter = Math.min(format.width, format.height)
  const { sheets, shadow, prints } = mount
  const as = (change: Partial<Mount>) => ({ kind: 'setMount' as const, mount: { ...mount, ...change } })
  const sheet = (index: number, change: Partial<Mount['sheets'][number]>) =>
    as({ sheets: sheets.map((one, at) => (at === index ? { ...one, ...change } : one)) })
  const percent = (label: string, value: number, of: (strength: number) => ReturnType<typeof as>) => (
    <PercentSlider
      label={label}
      value={value}
      onPreview={(strength) => trial.show(of(strength))}
      onCommit={(strength) => trial.set(of(strength))}
    />
  )
  const length = (label: string, value: number, most: number, of: (length: number) => ReturnType<typeof as>) => (
    <LengthSlider
      label={label}
      value={value}
      most={most}
      format={format}
      onPreview={(one) => trial.show(of(one))}
      onCommit={(one) => trial.set(of(one))}
    />
  )
  return (
    <>
      {sheets.map(({ width, paint }, index) => {
        const name = sheets.length === 1 ? 'Paper' : (ORDER[index] ?? '')
        return (
          <div key={index} role="group" aria-label={name} className="space-y-2 border-l-2 border-line pl-2">
            <div className="flex items-end gap-1">
              <div className="min-w-0 flex-1">
                {length(`${name} is seen by`, width, shorter / 12, (one) => sheet(index, { width: one }))}
              </div>
              {sheets.length > 1 && (
                <IconButton
                  name={`Take away the ${name.toLowerCase()}`}
                  onClick={() => trial.set(as({ sheets: sheets.filter((_, at) => at !== index) }))}
                >
                  <Trash2 size={16} />
                </IconButton>
              )}
            </div>
            <PaintField
              what={name}
              value={paint}
              format={format}
              onPreview={(one) => trial.show(sheet(index, { paint: one }))}
              onCommit={(one) => trial.set(sheet(index, { paint: one }))}
            />
          </div>
        )
      })}
      {sheets.length < MOST_SHEETS && (
        <Button className="w-full" onClick={() => trial.set(as({ sheets: [...sheets, ...sheets.slice(-1)] }))}>
          <Plus size={16} /> Another below
        </Button>
      )}
      {percent('Shadow of the papers', shadow.strength, (strength) => as({ shadow: { ...shadow, strength } }))}
      {shadow.strength > 0 && (
        <div className="grid grid-cols-2 gap-2">
          {length('Each lies above by', shadow.height, shorter / 40, (height) => as({ shadow: { ...shadow, height } }))}
          {length('Softness', shadow.softness, shorter / 20, (softness) => as({ shadow: { ...shadow, softness } }))}
        </div>
      )}
      {percent('Shadow on the pictures', prints.strength, (strength) => as({ prints: { ...prints, strength } }))}
    </>
  )
}
