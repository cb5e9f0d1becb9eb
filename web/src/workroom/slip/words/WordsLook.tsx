import type { TextStyle } from '../../../api/client'
import { Hand, Shirt } from 'lucide-react'
import { IconButton } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { ColourChoice } from '../../paint/ColourChoice'
import { NumberField } from '../../../fields/NumberField'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { FinishFields } from '../../words/FinishFields'
import { SharedTextFields } from '../../words/SharedTextFields'
import { TypefaceChoice } from '../../words/TypefaceChoice'
import { useTypefaces } from '../../words/useTypefaces'
import type { Frame } from '../../piece/model'
import { useLooks } from '../../styles/useLooks'
import { onPage } from '../../piece/usePiece'
import { useTrial } from '../../useTrial'
import { type Dressing, useWords } from '../../words/useWords'
import { CourseFields } from './CourseFields'
import { HardToRead } from './HardToRead'
import { Part } from '../Part'

const ALIGNS: Record<TextStyle['align'], string> = {
  LEFT: 'begin at the left',
  CENTRE: 'about the middle',
  RIGHT: 'end at the right',
}
const STANDS: Record<TextStyle['stand'], string> = { TOP: 'at the top', MIDDLE: 'in the middle', BOTTOM: 'at the foot' }

/** How the words of these frames are set: face, size, lines, colour. */
export function WordsLook({ frames }: { frames: Frame[] }) {
  const { stored, storedPage } = useRoom()
  const { dressing } = useWords()
  const trial = useTrial()
  const looks = useLooks()
  const typefaces = useTypefaces()
  const ids = frames.filter(({ text }) => text).map(({ id }) => id)
  // Fields start from what is stored, while the page may show a try.
  const last = storedPage.frames.find(({ id }) => id === ids.at(-1))
  const style = last?.text?.style
  const course = last?.text?.course
  if (!style) return null
  const typeface = typefaces.find(({ name }) => name === style.typeface)
  const set = (change: Dressing) => trial.set(dressing(ids, change))
  const others = trial.aboutOthers([])
  return (
    <Part
      title="How the words are set"
      aside={
        <div className="flex">
          <IconButton name="Pick up this look" onClick={() => last && looks.pickUp(last)}>
            <Hand size={17} />
          </IconButton>
          <IconButton
            name="Put the look that was picked up on"
            disabled={!looks.picked?.text}
            onClick={() => looks.picked?.text && set(looks.picked.text)}
          >
            <Shirt size={17} />
          </IconButton>
        </div>
      }
    >
      <TypefaceChoice label="Typeface" value={style.typeface} onChange={(typeface) => set({ typeface })} />
      <div className="grid grid-cols-2 items-end gap-2">
        <Choice label="Lines" options={ALIGNS} value={style.align} onChange={(align) => set({ align })} />
        <div className="flex gap-3">
          <Tick
            name="Bold"
            on={style.weight === 'BOLD'}
            possible={typeface?.bold !== false}
            onTurn={(on) => set({ weight: on ? 'BOLD' : 'REGULAR' })}
          />
          <Tick
            name="Italic"
            on={style.slant === 'ITALIC'}
            possible={typeface?.italic !== false}
            onTurn={(on) => set({ slant: on ? 'ITALIC' : 'UPRIGHT' })}
          />
        </div>
      </div>
      <div className="grid grid-cols-3 gap-2">
        <NumberField
          label="Size"
          suffix="pt"
          value={style.sizePt}
          min={4}
          max={800}
          decimals={1}
          onCommit={(sizePt) => set({ sizePt })}
        />
        <NumberField
          label="Line to line"
          suffix="%"
          value={style.leading * 100}
          min={80}
          max={300}
          step={5}
          onCommit={(percent) => set({ leading: percent / 100 })}
        />
        <NumberField
          label="Letter gap"
          suffix="%"
          value={Math.round(style.tracking * 1000) / 10}
          min={-10}
          max={100}
          decimals={1}
          onCommit={(percent) => set({ tracking: percent / 100 })}
        />
      </div>
      {course && !last?.ornament && !last?.across && (
        <CourseFields
          course={course}
          onPreview={(to) => trial.show(dressing(ids, { course: to }))}
          onCommit={(to) => set({ course: to })}
        />
      )}
      {course?.kind === 'straight' && !last?.ornament && frames.some(({ across }) => !across) && (
        <Choice label="In the frame" options={STANDS} value={style.stand} onChange={(stand) => set({ stand })} />
      )}
      <ColourChoice
        label="Colour of the words"
        value={style.colour}
        onPreview={(colour) => trial.show(dressing(ids, { colour }))}
        onCommit={(colour) => set({ colour })}
      />
      {last && <HardToRead frameId={last.id} style={style} onDress={set} />}
      <FinishFields
        finish={style.finish}
        sizePt={style.sizePt}
        colour={style.colour}
        runs={course?.kind === 'straight' && !last?.ornament && !last?.across}
        format={stored.format}
        onPreview={(change) => trial.show(dressing(ids, { finish: { ...style.finish, ...change } }))}
        onCommit={(change) =>
          // Put on what is there by then: two fields may be changed faster than the first is answered.
          trial.set(
            onPage(storedPage.id, (now) => {
              const finish = now.frames.find(({ id }) => id === ids.at(-1))?.text?.style.finish ?? style.finish
              return dressing(ids, { finish: { ...finish, ...change } })
            }),
          )
        }
      />
      {last && <SharedTextFields kept={last} ids={ids} trial={trial} />}
      {others && <Wrong>{others}</Wrong>}
    </Part>
  )
}

interface TickProps {
  name: string
  on: boolean
  /** Whether the typeface has such letters. */
  possible: boolean
  onTurn: (on: boolean) => void
}

function Tick({ name, on, possible, onTurn }: TickProps) {
  return (
    <label className={`flex min-h-8 items-center gap-2 ${possible ? '' : 'text-soft'}`}>
      <input
        type="checkbox"
        className="size-4 accent-woad"
        disabled={!possible}
        checked={on && possible}
        onChange={(event) => onTurn(event.target.checked)}
      />
      {name}
    </label>
  )
}
