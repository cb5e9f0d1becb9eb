import { useEffect } from 'react'
import { isOnBench, isTyping } from '../../fields/typing'
import { useRoom } from '../context'
import { useLooks } from '../styles/useLooks'
import { useFrameDoings } from './useFrameDoings'

/** Keys for the selected frames: with Ctrl wherever the focus is but in a field, alone only on the bench. */
export function useFrameKeys() {
  const doings = useFrameDoings()
  const looks = useLooks()
  const { select, selection, frame, page } = useRoom()
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
      w: doings.toggleWindow,
      t: doings.toggleTaken,
      u: () => frame && looks.pickUp(frame),
      U: () => {
        const dressed = page.frames.filter(
          ({ id, forPhotos, box }) => selection.frameIds.includes(id) && (forPhotos || box),
        )
        if (dressed.length > 0) void looks.putOn(dressed)
      },
    }
    const keys = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.altKey || selection.cropping) return
      const control = event.ctrlKey || event.metaKey
      const field = event.target instanceof HTMLElement && event.target.matches('input, textarea, select')
      if (control ? field : !isOnBench(event.target)) return
      if ((event.key === 'c' || event.key === 'x') && window.getSelection()?.toString()) return
      const doing = control ? withControl[event.key] : plain[event.key]
      if (!doing) return
      event.preventDefault()
      doing()
    }
    window.addEventListener('keydown', keys)
    return () => window.removeEventListener('keydown', keys)
  }, [doings, looks, select, selection, frame, page])
}
