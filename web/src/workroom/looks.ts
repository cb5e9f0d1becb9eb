import { useSyncExternalStore } from 'react'
import type { Outline, StyleUse, TextStyle } from '../api/client'
import { useNotice } from '../ui/Notices'
import type { Frame } from './piece/model'

/** The look of one frame, to be put on others: of words how they are set, of all else the style, what differs from it, and the form. */
interface Picked {
  frame?: { style: StyleUse; outline: Outline }
  text?: TextStyle
}

let picked: Picked | undefined
const listeners = new Set<() => void>()

/** What was picked up last; kept while the window is open, for other pages. */
export function useLooks() {
  const notice = useNotice()
  const now = useSyncExternalStore(
    (listener) => {
      listeners.add(listener)
      return () => listeners.delete(listener)
    },
    () => picked,
  )
  return {
    picked: now,
    pickUp: ({ style, outline, text }: Frame) => {
      picked = { ...picked, ...(text ? { text: text.style } : { frame: { style, outline } }) }
      listeners.forEach((listener) => listener())
      notice('The look is picked up. Select others and put it on.')
    },
  }
}
