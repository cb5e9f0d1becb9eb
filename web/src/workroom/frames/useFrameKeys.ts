import { useEffect } from 'react'
import { useRoom } from '../context'
import { useFrameDoings } from './useFrameDoings'

const inField = (event: KeyboardEvent) =>
  event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [role="dialog"] *')

/** Keys for the selected frames that work wherever the focus is, but inside a field. */
export function useFrameKeys() {
  const doings = useFrameDoings()
  const { select, selection } = useRoom()
  useEffect(() => {
    const withControl: Record<string, () => void> = {
      a: doings.selectAll,
      c: doings.copy,
      x: doings.cut,
      v: () => void doings.paste(),
      d: () => void doings.duplicate(),
    }
    const plain: Record<string, () => void> = {
      a: doings.selectAlike,
      f: () => select({ kind: 'draw', on: !selection.drawing }),
      g: doings.group,
      G: doings.ungroup,
      l: doings.toggleLock,
      p: doings.togglePin,
      t: doings.toggleTaken,
    }
    const keys = (event: KeyboardEvent) => {
      if (inField(event) || event.altKey || selection.cropping) return
      if ((event.key === 'c' || event.key === 'x') && window.getSelection()?.toString()) return
      const doing = event.ctrlKey || event.metaKey ? withControl[event.key] : plain[event.key]
      if (!doing) return
      event.preventDefault()
      doing()
    }
    window.addEventListener('keydown', keys)
    return () => window.removeEventListener('keydown', keys)
  }, [doings, select, selection])
}
