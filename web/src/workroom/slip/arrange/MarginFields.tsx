import { useState } from 'react'
import type { Margins } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'

/** One margin, or four. */
export function MarginFields({
  margins,
  wrong,
  names = {},
  onCommit,
}: {
  margins: Margins
  /** What sides are called that are not simply left and right. */
  names?: Partial<Record<keyof Margins, string>>
  wrong?: string
  onCommit: (margins: Partial<Margins>) => void
}) {
  const { format } = useRoom().piece
  const [wanted, setFour] = useState(false)
  const four = wanted || new Set(Object.values(margins)).size !== 1
  return (
    <>
      <label className="flex items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-woad"
          checked={!four}
          onChange={(event) => {
            setFour(!event.target.checked)
            const { top } = margins
            if (event.target.checked && four) onCommit({ top, right: top, bottom: top, left: top })
          }}
        />
        One margin on all sides
      </label>
      {four ? (
        <div className="grid grid-cols-2 gap-2">
          {(['top', 'bottom', 'left', 'right'] as const).map((side) => (
            <LengthField
              key={side}
              label={`Margin ${names[side] ?? side}`}
              value={margins[side]}
              format={format}
              onCommit={(length) => onCommit({ [side]: length })}
            />
          ))}
        </div>
      ) : (
        <LengthField
          label="Margin"
          value={margins.top}
          format={format}
          wrong={wrong}
          onCommit={(m) => onCommit({ top: m, right: m, bottom: m, left: m })}
        />
      )}
      {four && wrong && <Wrong>{wrong}</Wrong>}
    </>
  )
}
