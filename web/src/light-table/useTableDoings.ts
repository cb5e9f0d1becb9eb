import { useEffect, useMemo, useRef } from 'react'
import { useNotice } from '../ui/Notices'
import { type Room, useRoomNow } from '../workroom/context'
import type { Entry } from '../api/client'
import { usesOf } from '../workroom/piece/model'
import type { How } from './useChosen'

/** What is done with photos on the light table. */
export interface TableDoings {
  choose: (entryId: string, how: How) => void
  /** Another photo was let go on this one and takes its place. */
  drop: (entryId: string, other: string) => void
  /** It, or all that are selected with it, is set aside or taken back. */
  aside: (entryId: string) => void
  /** It goes so many places on. */
  step: (entryId: string, by: number) => void
  /** It, or all that are selected with it, leaves the piece. */
  takeOut: (entryId: string) => void
  takeAllOut: (entryIds: string[]) => void
}

const withSelected = ({ chosen: { chosen } }: Room, entryId: string) =>
  chosen.has(entryId) && chosen.size > 1 ? [...chosen] : [entryId]

/**
 * The same functions for good, which look at the room when they are called: so a photo is drawn anew only when something about it changes.
 *
 * @param entries in their order; one that was moved in it has the focus again afterwards
 */
export function useTableDoings(entries: Entry[]): TableDoings {
  const now = useRoomNow()
  const notice = useNotice()
  const moved = useRef<string | null>(null)
  useEffect(() => {
    // A browser takes the focus from what is moved in the page; the next key press must find it there.
    if (moved.current && document.activeElement === document.body) {
      document.querySelector<HTMLElement>(`[data-drop="table:${moved.current}"]`)?.focus()
    }
    moved.current = null
  }, [entries])
  return useMemo(() => {
    /** Moves these, or one, to a place among the rest. */
    const place = (entryIds: string[], where: (now: number, rest: string[]) => number) => {
      moved.current = entryIds[0] ?? null
      void now().handle.edit(({ stored }) => {
        const ids = stored.entries.map(({ id }) => id)
        const going = ids.filter((id) => entryIds.includes(id))
        const rest = ids.filter((id) => !entryIds.includes(id))
        const at = where(ids.indexOf(going[0] ?? ''), rest)
        return at < 0 || at > rest.length
          ? null
          : { kind: 'orderEntries', entryIds: [...rest.slice(0, at), ...going, ...rest.slice(at)] }
      })
    }
    const takeAllOut = async (entryIds: string[]) => {
      const { photos, piece, stored, handle, chosen } = now()
      const uses = usesOf(piece)
      const first = photos.find(({ entryId }) => entryId === entryIds[0])
      const pages = [...new Set(entryIds.flatMap((id) => uses.get(id) ?? []))]
      const problem = await handle.edit({ kind: 'removeEntries', entryIds })
      if (problem) return
      chosen.forget()
      const one = entryIds.length === 1
      const what = one ? `${first?.fileName} is` : `${entryIds.length} photos are`
      const it = one ? 'It was' : 'They were'
      const frames = one ? 'its frame is empty now' : 'their frames are empty now'
      const left = stored.album ? 'flowed pages have closed up' : frames
      const where = pages.length === 0 ? `${it} not used.` : `${it} on page ${pages.join(', ')}; ${left}.`
      notice(`${what} taken out. ${where}`, { action: { name: 'Undo', run: handle.undo } })
    }
    return {
      choose: (entryId, how) => {
        const { chosen, selection } = now()
        chosen.choose(entryId, how === 'alone' && selection.several ? 'more' : how)
      },
      drop: (entryId, other) => {
        const room = now()
        const { entries } = room.piece
        const target = entries.findIndex(({ id }) => id === entryId)
        const source = entries.findIndex(({ id }) => id === other)
        const going = room.chosen.chosen.has(other) ? [...room.chosen.chosen] : [other]
        place(going, (_, rest) => rest.indexOf(entryId) + (source < target ? 1 : 0))
      },
      aside: (entryId) => {
        const room = now()
        const is = room.photos.find((one) => one.entryId === entryId)?.aside ?? false
        void room.handle.edit({ kind: 'setAside', entryIds: withSelected(room, entryId), aside: !is })
      },
      step: (entryId, by) => place([entryId], (at) => at + by),
      takeOut: (entryId) => void takeAllOut(withSelected(now(), entryId)),
      takeAllOut: (entryIds) => void takeAllOut(entryIds),
    }
  }, [now, notice])
}
