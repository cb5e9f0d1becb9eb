import {
  createContext,
  type PointerEvent as ReactPointerEvent,
  type ReactNode,
  useCallback,
  useContext,
  useMemo,
  useRef,
  useState,
} from 'react'
import { swallowClick } from './swallowClick'

/** What can be carried from one place on the screen to another. */
export type Cargo =
  | { kind: 'photo'; entryId: string }
  | { kind: 'frame'; pageId: string; frameId: string; photo: string }
  | { kind: 'pages'; pageIds: string[]; picture: string }
  /** Something that lies on the page, to be put before or behind others. */
  | { kind: 'item'; itemId: string }

type Take = (cargo: Cargo) => void
interface Drag {
  start: (event: ReactPointerEvent, cargo: Cargo, picture: string) => void
  register: (name: string, take: Take) => () => void
  /** The place that cargo hangs above. */
  over: Over
}

/** Kept outside React's tree: a drag crosses many places, and only the one that is left and the one that is reached show it. */
class Over {
  private now: string | null = null
  private readonly listeners = new Set<() => void>()

  subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => this.listeners.delete(listener)
  }

  is = (name: string) => this.now === name

  set = (name: string | null) => {
    if (this.now === name) return
    this.now = name
    this.listeners.forEach((listener) => listener())
  }
}

const THRESHOLD_PX = 5
const Context = createContext<Drag | null>(null)

export function useDragging(): Drag {
  const drag = useContext(Context)
  if (!drag) throw new Error('useDragging needs a DragProvider')
  return drag
}

const targetAt = (x: number, y: number) =>
  document.elementsFromPoint(x, y).flatMap((element) => {
    const name = element.closest('[data-drop]')?.getAttribute('data-drop')
    return name ? [name] : []
  })[0] ?? null

/** Carrying by pointer, mouse or finger: a picture follows, places marked data-drop light up and take it. */
export function DragProvider({ children }: { children: ReactNode }) {
  const targets = useRef(new Map<string, Take>())
  const [held, setHeld] = useState<{ cargo: Cargo; picture: string; x: number; y: number } | null>(null)
  const [over] = useState(() => new Over())

  const register = useCallback((name: string, take: Take) => {
    targets.current.set(name, take)
    return () => void (targets.current.get(name) === take && targets.current.delete(name))
  }, [])

  const start = useCallback(
    (down: ReactPointerEvent, cargo: Cargo, picture: string) => {
      if (down.button !== 0) return
      const from = { x: down.clientX, y: down.clientY }
      let carrying = false
      const move = (event: PointerEvent) => {
        if (event.pointerId !== down.pointerId) return
        if (!carrying && Math.hypot(event.clientX - from.x, event.clientY - from.y) < THRESHOLD_PX) return
        carrying = true
        setHeld({ cargo, picture, x: event.clientX, y: event.clientY })
        over.set(targetAt(event.clientX, event.clientY))
      }
      // A press that may become a drag must not mark the words that it passes over.
      const unmarked = (event: Event) => event.preventDefault()
      const end = () => {
        window.removeEventListener('selectstart', unmarked)
        window.removeEventListener('pointermove', move)
        window.removeEventListener('pointerup', up)
        window.removeEventListener('pointercancel', end)
        window.removeEventListener('keydown', escape)
        setHeld(null)
        over.set(null)
      }
      const up = (event: PointerEvent) => {
        if (event.pointerId !== down.pointerId) return
        const name = carrying ? targetAt(event.clientX, event.clientY) : null
        end()
        if (!carrying) return
        swallowClick()
        if (name) targets.current.get(name)?.(cargo)
      }
      const escape = (event: KeyboardEvent) => event.key === 'Escape' && end()
      window.addEventListener('selectstart', unmarked)
      window.addEventListener('pointermove', move)
      window.addEventListener('pointerup', up)
      window.addEventListener('pointercancel', end)
      window.addEventListener('keydown', escape)
    },
    [over],
  )

  const drag = useMemo<Drag>(() => ({ start, register, over }), [start, register, over])
  return (
    <Context.Provider value={drag}>
      {children}
      {held && (
        <img
          alt=""
          src={held.picture}
          className="pointer-events-none fixed z-50 max-h-24 max-w-32 border-2 border-paper opacity-90 shadow-lg"
          style={{ left: held.x + 8, top: held.y + 8 }}
        />
      )}
    </Context.Provider>
  )
}
