import { Shuffle } from 'lucide-react'
import type { Recipe, Scattered } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { NumberField } from '../../../fields/NumberField'
import { arrangementEdit } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { onPage, type WantedEdit } from '../../piece/usePiece'
import { MarginsAndGrid } from './MarginsAndGrid'
import { Part } from '../Part'

/** Prints strewn over the page: how large, how far turned, how much may be hidden. */
export function ScatteredPart({
  scattered,
  send,
  about,
}: {
  scattered: Scattered
  send: (edit: WantedEdit) => Promise<unknown>
  about: (...fields: string[]) => string | undefined
}) {
  const { page } = useRoom()
  const change = (how: (now: Recipe) => Partial<Recipe>) =>
    void send(
      onPage(page.id, (now) =>
        now.arrangement.kind === 'scattered'
          ? arrangementEdit(now, {
              ...now.arrangement,
              recipe: { ...now.arrangement.recipe, ...how(now.arrangement.recipe) },
            })
          : null,
      ),
    )
  const set = (values: Partial<Recipe>) => change(() => values)
  const { recipe } = scattered
  return (
    <Part title="Scattered prints">
      <Button className="w-full" onClick={() => change(({ seed }) => ({ seed: seed + 1 }))}>
        <Shuffle size={16} /> Scatter again
      </Button>
      <div className="grid grid-cols-2 gap-2">
        <NumberField
          label="Size of all"
          suffix="%"
          value={recipe.cover * 100}
          min={20}
          max={200}
          step={5}
          onCommit={(percent) => set({ cover: percent / 100 })}
        />
        <NumberField
          label="Turned up to"
          suffix="°"
          value={recipe.mostTurn}
          min={0}
          max={45}
          decimals={1}
          onCommit={(mostTurn) => set({ mostTurn })}
        />
      </div>
      <NumberField
        label="Each hidden at most"
        suffix="%"
        value={recipe.mostHidden * 100}
        min={0}
        max={60}
        step={5}
        onCommit={(percent) => set({ mostHidden: percent / 100 })}
      />
      <p className="text-[13px] leading-4 text-soft">
        Prints are made smaller where else more would be hidden. Subjects are kept in sight. Prints stay where they fell
        until they are scattered again.
      </p>
      <MarginsAndGrid send={send} wrong={about('margins')} />
    </Part>
  )
}
