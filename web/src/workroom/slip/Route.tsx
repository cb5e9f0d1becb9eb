import { useRoom } from '../context'
import { STATIONS } from '../address/stations'
import { usesOf } from '../piece/model'

/** A knot in the thread: open, filled where one stands, woven over where the work has been. */
function Knot({ now, woven }: { now: boolean; woven: boolean }) {
  return (
    <svg aria-hidden width="22" height="22" viewBox="0 0 22 22" className="relative text-woad">
      <path
        d="M11 1.5 20.5 11 11 20.5 1.5 11Z"
        className={now ? 'fill-woad' : 'fill-paper'}
        stroke="currentColor"
        strokeWidth="1.5"
      />
      {woven && !now && (
        <path d="M6 11.5 11.5 6M6.5 15 15 6.5M10.5 16 16 10.5M4 9.5 9.5 4M12.5 18 18 12.5" stroke="currentColor" />
      )}
    </svg>
  )
}

/** The route of the work as a thread through five knots, lying or hanging; every station is open at any time. */
export function Route({ upright = false }: { upright?: boolean }) {
  const { station, goTo, piece } = useRoom()
  const placed = usesOf(piece).size > 0
  const woven = { gather: piece.entries.length > 0, arrange: placed, dress: false, check: false, make: false }
  return (
    <nav aria-label="Route" className="border-y border-dashed border-line py-2.5">
      <ol className={`relative grid ${upright ? '' : 'grid-cols-5'}`}>
        <span
          aria-hidden
          className={`absolute border-woad ${upright ? 'top-6 bottom-10 left-1/2 border-l-[1.5px]' : 'top-[19px] right-[10%] left-[10%] border-t-[1.5px]'}`}
        />
        {STATIONS.map(({ station: one, name }, index) => (
          <li key={one}>
            <button
              aria-current={one === station ? 'step' : undefined}
              aria-keyshortcuts={String(index + 1)}
              title={`${name} (${index + 1})`}
              onClick={() => goTo(one)}
              className={`${upright ? 'bg-paper/80 ' : ''}flex min-h-11 w-full flex-col items-center gap-1 py-2 text-[13px] leading-4 hover:text-woad ${one === station ? 'font-semibold' : ''}`}
            >
              <Knot now={one === station} woven={woven[one]} />
              <span className="relative bg-paper">{name}</span>
            </button>
          </li>
        ))}
      </ol>
    </nav>
  )
}
