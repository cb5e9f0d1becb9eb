import { useState } from 'react'
import { Field, inputLook } from '../../fields/Field'
import { Wrong } from '../../fields/Wrong'
import { Button } from '../../ui/Button'
import { type TrayPhoto, useRoom } from '../../workroom/context'
import { middleOf, minutesOf } from './dateText'

/** Puts the dates of the selected photos right: a camera’s clock that was wrong, or a time that only a person knows. */
export function DatesForm({ photos, onDone }: { photos: TrayPhoto[]; onDone: () => void }) {
  const { handle } = useRoom()
  const [when, setWhen] = useState('')
  const [shift, setShift] = useState('')
  const [wrong, setWrong] = useState<string>()
  const entryIds = photos.map(({ entryId }) => entryId)
  const send = async (edit: Parameters<typeof handle.edit>[0]) => {
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem?.message)
    if (!problem) onDone()
  }
  const date = () => {
    const at = middleOf(when)
    if (at) void send({ kind: 'dateEntries', entryIds, at })
    else setWrong(`“${when}” is no date. Write 1974, summer 1974, July 1974, 14 July 1974 or 1974-07-14.`)
  }
  const move = () => {
    const minutes = minutesOf(shift)
    if (minutes === undefined) setWrong(`“${shift}” is no time. Write +1:00, -5:30 or +2 d.`)
    else void send({ kind: 'shiftDates', entryIds, minutes })
  }
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (shift.trim()) move()
        else date()
      }}
    >
      <div className="w-52">
        <Field label="Taken">
          {(ids) => (
            <input
              {...ids}
              className={inputLook}
              placeholder="summer 1974"
              value={when}
              onChange={(event) => setWhen(event.target.value)}
            />
          )}
        </Field>
      </div>
      <Button disabled={!when.trim()} onClick={date}>
        Date {photos.length}
      </Button>
      <div className="w-40">
        <Field label="Clock put right by">
          {(ids) => (
            <input
              {...ids}
              className={inputLook}
              placeholder="+1:00"
              value={shift}
              onChange={(event) => setShift(event.target.value)}
            />
          )}
        </Field>
      </div>
      <Button disabled={!shift.trim()} onClick={move}>
        Shift {photos.length}
      </Button>
      <Button onClick={() => void send({ kind: 'dateEntries', entryIds })}>As in the files</Button>
      <button type="submit" hidden />
      {wrong && (
        <div className="w-full">
          <Wrong>{wrong}</Wrong>
        </div>
      )}
    </form>
  )
}
