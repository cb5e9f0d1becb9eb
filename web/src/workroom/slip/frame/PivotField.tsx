import { useRoom } from '../../context'

const POINTS = [
  ['top left', 0, 0],
  ['top right', 1, 0],
  ['centre', 0.5, 0.5],
  ['bottom left', 0, 1],
  ['bottom right', 1, 1],
] as const

/** The point about which a frame turns, chosen on a small picture of the frame. */
export function PivotField() {
  const { selection, select } = useRoom()
  const { pivot } = selection
  return (
    <div role="radiogroup" aria-label="Turns about" className="text-[13px]">
      <span className="mb-0.5 block text-soft">Turns about</span>
      <div className="relative mx-3 h-8 w-14">
        <span aria-hidden className="absolute inset-1 border border-soft" />
        {POINTS.map(([name, x, y]) => {
          const chosen = pivot.x === x && pivot.y === y
          return (
            <button
              key={name}
              type="button"
              role="radio"
              aria-checked={chosen}
              aria-label={name}
              title={`Turns about its ${name}`}
              onClick={() => select({ kind: 'pivot', pivot: { x, y } })}
              className="absolute flex size-4 -translate-1/2 items-center justify-center"
              style={{ left: 4 + x * 48, top: 4 + y * 24 }}
            >
              <span className={`size-2.5 rounded-full border border-ink ${chosen ? 'bg-woad' : 'bg-paper'}`} />
            </button>
          )
        })}
      </div>
    </div>
  )
}
