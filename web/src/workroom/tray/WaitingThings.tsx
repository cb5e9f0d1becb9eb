import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react'
import type { Item } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'

const MOST_NAMED = 3

/** What a thing is called in a line of several. */
function named(item: Item): string {
  if (item.kind === 'group') return 'a group'
  const { fill } = item
  if (fill.kind === 'words') {
    const text = fill.text.replace(/\s+/g, ' ').trim()
    return text.length > 40 ? `“${text.slice(0, 39)}…”` : `“${text}”`
  }
  if (fill.kind === 'ornament') return 'an ornament'
  return fill.kind === 'painted' ? 'a box' : fill.kind === 'ruled' ? 'a line' : 'a frame'
}

function listed(items: Item[]) {
  const names = items.slice(0, MOST_NAMED).map(named)
  const more = items.length - names.length
  return more > 0 ? `${names.join(', ')} and ${more} more` : names.join(', ')
}

/** What lay on pages of an album whose photos are all gone: it is counted here until it is laid on a page or let go of. */
export function WaitingThings() {
  const { piece, page, handle } = useRoom()
  const left = piece.album?.waiting?.pages ?? []
  if (left.length === 0) return null
  const count = left.reduce((sum, { items }) => sum + items.length, 0)
  return (
    <Popover className="relative">
      <PopoverButton className="h-6 px-2 text-[13px] font-semibold text-woad -outline-offset-2 hover:underline">
        {count === 1 ? '1 thing waits' : `${count} things wait`}
      </PopoverButton>
      <PopoverPanel
        anchor="top start"
        className="z-40 w-104 space-y-3 border border-line bg-paper p-4 shadow-md focus:outline-none"
      >
        <p className="text-soft">These lay on pages whose photos are gone.</p>
        <ul className="space-y-3">
          {left.map(({ id, items }) => (
            <li key={id} className="flex items-center gap-2">
              <span className="min-w-0 flex-1 wrap-anywhere">{listed(items)}</span>
              <Button
                title="On the page that is open, where it lay"
                onClick={() => void handle.edit({ kind: 'layWaiting', waitingId: id, pageId: page.id })}
              >
                Lay here
              </Button>
              <Button onClick={() => void handle.edit({ kind: 'leaveWaiting', waitingId: id })}>Let go</Button>
            </li>
          ))}
        </ul>
      </PopoverPanel>
    </Popover>
  )
}
