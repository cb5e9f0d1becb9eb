import { useState } from 'react'
import { allTaken } from '../../../fields/taking'
import { LengthField } from '../../../measure/LengthField'
import { systemOf } from '../../../shelf/intentions'
import { NumberField } from '../../../fields/NumberField'
import { Button } from '../../../ui/Button'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { waitingIn } from '../../piece/model'
import { Part } from '../Part'
import { useWish } from './useWish'

const MOST_COPIES = 99
const INCH = 25_400
/** As prints are usually asked for. */
const USUAL = {
  metric: { width: 130_000, height: 90_000, gap: 4000 },
  inch: { width: 5 * INCH, height: 3.5 * INCH, gap: INCH / 8 },
}

/** The selected photos, or all that wait, as prints of an exact size where there is room on the sheets; other sizes can follow. */
export function PrintsPart() {
  const { piece, page, handle, chosen, select, goTo } = useRoom()
  const { format } = piece
  const { wish, change: set, latest } = useWish({ ...USUAL[systemOf(format.unit)], copies: 1 })
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const change = (part: Partial<typeof wish>) => {
    set(part)
    setWrong(null)
  }
  const waiting = waitingIn(piece)
  const going = chosen.chosen.size > 0 ? piece.entries.filter(({ id }) => chosen.chosen.has(id)) : waiting
  const lay = async () => {
    if (!(await allTaken())) return
    const { gap, width, height, copies } = latest.current
    const prints = going.map(({ id }) => ({ entryId: id, width, height, copies }))
    const before = new Set(piece.pages.map(({ id, look }) => `${id} ${look}`))
    const problem = await handle.edit({ kind: 'layPrints', pageId: page.id, prints, gap }, { quiet: true })
    setWrong(problem && { field: problem.field, message: problem.message })
    if (problem) return
    chosen.forget()
    // The first sheet that holds some of them.
    const sheet = handle.latest()?.piece.pages.find(({ id, look }) => !before.has(`${id} ${look}`))
    select({ kind: 'page', pageId: sheet?.id ?? page.id })
    goTo('arrange')
  }
  const about = (field: string) => (wrong?.field === field ? wrong.message : undefined)
  const count = going.length
  const what =
    chosen.chosen.size > 0 ? `the ${count} selected` : count === 1 ? 'the one that waits' : `the ${count} that wait`
  return (
    <Part title="Prints of exact size" folded>
      <div className="grid grid-cols-2 gap-2">
        <LengthField
          label="Print width"
          value={wish.width}
          format={format}
          wrong={about('width')}
          onCommit={(width) => change({ width })}
        />
        <LengthField
          label="Print height"
          value={wish.height}
          format={format}
          wrong={about('height')}
          onCommit={(height) => change({ height })}
        />
        <LengthField
          label="Apart"
          value={wish.gap}
          format={format}
          wrong={about('gap')}
          onCommit={(gap) => change({ gap })}
        />
        <NumberField
          label="Copies"
          value={wish.copies}
          min={1}
          max={MOST_COPIES}
          onCommit={(copies) => change({ copies })}
        />
      </div>
      <Button className="w-full" disabled={count === 0} onClick={() => void lay()}>
        Lay {what} as prints
      </Button>
      {wrong && !['width', 'height', 'gap'].includes(wrong.field ?? '') && <Wrong>{wrong.message}</Wrong>}
      <p className="text-[13px] leading-4 text-soft">
        They come where there is room on the sheets from this page on, turned if more fit so. Select some on the light
        table to lay them in another size.
      </p>
    </Part>
  )
}
