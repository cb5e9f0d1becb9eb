import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react'
import { Ellipsis } from 'lucide-react'
import { useState } from 'react'
import { Link } from 'react-router'
import { client, data, type Format, pagePicture, type ShelfItem } from '../api/client'
import { saySize } from '../measure/units'
import { inputLook } from '../fields/Field'
import { useNotice } from '../ui/Notices'
import { useAttempt } from '../ui/useAttempt'
import { KINDS } from './intentions'
import { SMALLEST_SIDE_PX } from './proportion'

/** A piece that can be read, and so shown. */
export type ReadableItem = ShelfItem & { format: Format; coverPage: string }

export const isReadable = (item: ShelfItem): item is ReadableItem => Boolean(item.format && item.coverPage)

const capital = (text: string) => text.replace(/^./, (first) => first.toUpperCase())

interface Props {
  item: ReadableItem
  pixelsPerMm: number
  onChanged: () => void
}

const when = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })

/** A piece standing on the shelf, with its first page, its measures and what can be done with it. */
export function ShelfPiece({ item, pixelsPerMm, onChanged }: Props) {
  const [renaming, setRenaming] = useState(false)
  const notice = useNotice()
  const path = { id: item.id }
  const { format } = item
  const width = Math.max(SMALLEST_SIDE_PX, Math.round((format.width / 1000) * pixelsPerMm))
  const height = Math.max(SMALLEST_SIDE_PX, Math.round((format.height / 1000) * pixelsPerMm))

  const attempt = useAttempt(onChanged)
  const copy = () => attempt(() => data(client.POST('/api/pieces/{id}/copy', { params: { path } })))
  const restore = () => attempt(() => data(client.POST('/api/pieces/{id}/restore', { params: { path } })))
  const remove = () =>
    attempt(async () => {
      await data(client.DELETE('/api/pieces/{id}', { params: { path } }))
      notice(`“${item.name}” is off the shelf.`, { action: { name: 'Undo', run: () => void restore() } })
    })
  const rename = (name: string) => {
    setRenaming(false)
    if (name.trim() === item.name) return
    const body = { revision: item.revision, edit: { kind: 'renamePiece' as const, name } }
    void attempt(() => data(client.POST('/api/pieces/{id}/edits', { params: { path }, body })))
  }
  return (
    <li className="max-w-full" style={{ width: Math.max(width, 210) }}>
      <Link
        to={`/pieces/${item.id}`}
        aria-label={`Open ${item.name}`}
        className={`relative flex items-center justify-center ${item.photos === 0 ? 'border border-dashed border-edge text-[13px] text-soft hover:border-woad' : 'shadow-[2px_0_8px_rgb(34_41_58/0.25)]'}`}
        style={{ width, height }}
      >
        {item.photos === 0 ? (
          width > 90 && saySize(format.width, format.height, format)
        ) : (
          <img
            alt=""
            className="block size-full"
            src={pagePicture(item.id, item.coverPage, item.coverLook, width * (window.devicePixelRatio || 1))}
          />
        )}
      </Link>
      {/* All pieces of a row stand on one board: each draws it as far as the shelf goes. */}
      <div
        aria-hidden
        className="relative h-2.5 before:absolute before:inset-y-0 before:-left-[100vw] before:w-[300vw] before:border-y before:border-line before:bg-mat"
      />
      <div className="flex h-26 items-start gap-1 pt-2">
        <div className="min-w-0 flex-1">
          {renaming ? (
            <input
              autoFocus
              aria-label="New name"
              className={inputLook}
              defaultValue={item.name}
              onFocus={(event) => event.target.select()}
              onBlur={(event) => rename(event.target.value)}
              onKeyDown={(event) => {
                if (event.key === 'Enter') event.currentTarget.blur()
                if (event.key === 'Escape') setRenaming(false)
              }}
            />
          ) : (
            <Link to={`/pieces/${item.id}`} title={item.name} className="line-clamp-2 font-semibold hover:text-woad">
              {item.name}
            </Link>
          )}
          <p>
            {item.kind && `${capital(KINDS[item.kind])}, `}
            {saySize(format.width, format.height, format)}, {item.pages === 1 ? '1 page' : `${item.pages} pages`}
          </p>
          <p className="truncate text-[13px] text-soft">Changed {when.format(new Date(item.changedAt))}</p>
        </div>
        <Menu>
          <MenuButton
            aria-label={`More for ${item.name}`}
            className="flex size-8 items-center justify-center hover:bg-wash"
          >
            <Ellipsis size={18} />
          </MenuButton>
          <MenuItems
            anchor="bottom end"
            className="z-30 w-40 border border-line bg-paper py-1 shadow-md focus:outline-none"
          >
            {[
              { name: 'Rename', run: () => setRenaming(true) },
              { name: 'Copy', run: () => void copy() },
              { name: 'Delete', run: () => void remove() },
            ].map(({ name, run }) => (
              <MenuItem key={name}>
                <button className="block w-full px-3 py-1.5 text-left data-focus:bg-wash" onClick={run}>
                  {name}
                </button>
              </MenuItem>
            ))}
          </MenuItems>
        </Menu>
      </div>
    </li>
  )
}
