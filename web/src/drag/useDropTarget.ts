import { useEffect, useRef, useSyncExternalStore } from 'react'
import { type Cargo, useDragging } from './DragProvider'

/** Makes a place take what is dropped on it. Spread the properties on the element; `over` says that cargo hangs above. */
export function useDropTarget(name: string, take: (cargo: Cargo) => void) {
  const { register, over } = useDragging()
  const latest = useRef(take)
  useEffect(() => {
    latest.current = take
  })
  useEffect(() => register(name, (cargo) => latest.current(cargo)), [name, register])
  return { over: useSyncExternalStore(over.subscribe, () => over.is(name)), properties: { 'data-drop': name } }
}
