import { useSyncExternalStore } from 'react'
import type { FrameStyle, Outline, StyleUse, TextStyle } from '../../api/client'
import { useNotice } from '../../ui/Notices'
import { useRoomNow } from '../context'
import type { Frame } from '../piece/model'
import { freeName, usualStyle } from '../piece/styles'

/** The look of one frame, to be put on others: of words how they are set, of all else the style, what differs from it, and the form. */
interface Picked {
  frame?: { style: StyleUse; outline: Outline; whole: FrameStyle }
  text?: TextStyle
}

let picked: Picked | undefined
const listeners = new Set<() => void>()

/** What was picked up last; kept while the window is open, for other pages and pieces. */
export function useLooks() {
  const notice = useNotice()
  const room = useRoomNow()
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
      const { styles } = room().stored
      const whole = styles.frames.find(({ id }) => id === style.style) ?? usualStyle(styles)
      picked = { ...picked, ...(text ? { text: text.style } : { frame: { style, outline, whole } }) }
      listeners.forEach((listener) => listener())
      notice('The look is picked up. Select others and put it on.')
    },
    /** Puts the look that was picked up on these frames; a style that this piece has not yet comes along, in the same step. */
    putOn: async (frames: Frame[]) => {
      if (!picked?.frame) return
      const { handle, page, stored } = room()
      const { whole, style, outline } = picked.frame
      const { styles } = stored
      const batch = crypto.randomUUID()
      if (!styles.frames.some(({ id }) => id === whole.id)) {
        const same = styles.frames.some(({ name }) => name.toLowerCase() === whole.name.toLowerCase())
        const brought = same ? { ...whole, name: freeName(whole.name, styles) } : whole
        if (await handle.edit({ kind: 'setFrameStyle', style: brought }, { batch })) return
      }
      const itemIds = frames.map(({ id }) => id)
      const change = { kind: 'wear' as const, style, outline }
      await handle.edit({ kind: 'patchItems', pageId: page.id, itemIds, change }, { batch })
    },
  }
}
