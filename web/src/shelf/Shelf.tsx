import { useQuery, useQueryClient } from '@tanstack/react-query'
import { Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { client, data } from '../api/client'
import { Button } from '../ui/Button'
import { inputLook } from '../fields/Field'
import { Mark } from '../ui/Mark'
import { Reading } from '../ui/Reading'
import { KINDS } from './intentions'
import { NewPiece } from './NewPiece'
import { scaleOf } from './proportion'
import { isReadable, type ReadableItem, ShelfPiece } from './ShelfPiece'

type Kind = keyof typeof KINDS
type Order = 'changed' | 'name' | 'size'

const area = ({ format }: ReadableItem) => format.width * format.height
const ORDERS: Record<Order, { name: string; by: (a: ReadableItem, b: ReadableItem) => number }> = {
  changed: { name: 'last changed first', by: (a, b) => b.changedAt.localeCompare(a.changedAt) },
  name: { name: 'by name', by: (a, b) => a.name.localeCompare(b.name) },
  size: { name: 'largest first', by: (a, b) => area(b) - area(a) },
}

/** Without marks and capitals, as people type who look for something. */
const fold = (text: string) => text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase()

/** Home: every piece as an object, in true proportion to the others. */
export function Shelf() {
  const queries = useQueryClient()
  const [starting, setStarting] = useState(false)
  const [wanted, setWanted] = useState('')
  const [kind, setKind] = useState<Kind | ''>('')
  const [order, setOrder] = useState<Order>('changed')
  const shelf = useQuery({
    queryKey: ['shelf'],
    queryFn: () => data(client.GET('/api/pieces')),
    refetchOnMount: 'always',
  })
  useEffect(() => {
    document.title = 'Wovenset'
  }, [])
  const all = (shelf.data ?? []).filter(isReadable)
  const kinds = (Object.keys(KINDS) as Kind[]).filter((one) => all.some((item) => item.kind === one))
  const items = all
    .filter((item) => kind === '' || item.kind === kind)
    .filter(({ name }) => fold(name).includes(fold(wanted.trim())))
    .toSorted(ORDERS[order].by)
  const damaged = (shelf.data ?? []).filter((item) => !isReadable(item))
  const pixelsPerMm = scaleOf(all.map(({ format }) => format))
  const changed = () => void queries.invalidateQueries({ queryKey: ['shelf'] })
  return (
    <div className="min-h-full">
      <header className="flex h-14 items-center gap-3 border-b border-line px-8">
        <Mark size={24} />
        <h1 className="text-lg font-semibold">Wovenset</h1>
        {all.length > 1 && (
          <div className="ml-auto flex items-center gap-2">
            <input
              type="search"
              aria-label="Look for a piece"
              placeholder="Look for a piece"
              className={`${inputLook} w-52!`}
              value={wanted}
              onChange={(event) => setWanted(event.target.value)}
            />
            {kinds.length > 1 && (
              <select
                aria-label="Which kind"
                className={`${inputLook} w-40!`}
                value={kind}
                onChange={(event) => setKind(event.target.value as Kind | '')}
              >
                <option value="">of every kind</option>
                {kinds.map((one) => (
                  <option key={one} value={one}>
                    {KINDS[one]}
                  </option>
                ))}
              </select>
            )}
            <select
              aria-label="In which order"
              className={`${inputLook} w-40!`}
              value={order}
              onChange={(event) => setOrder(event.target.value as Order)}
            >
              {Object.entries(ORDERS).map(([one, { name }]) => (
                <option key={one} value={one}>
                  {name}
                </option>
              ))}
            </select>
          </div>
        )}
        <Link to="/storage" className={`${all.length > 1 ? 'ml-2' : 'ml-auto'} text-soft hover:text-woad`}>
          Storage
        </Link>
        <Button look="primary" onClick={() => setStarting(true)}>
          <Plus size={16} /> New piece
        </Button>
      </header>
      <main className="mx-auto max-w-6xl px-8 py-8">
        <Reading of={shelf} doing="Looking at the shelf" />
        {shelf.data?.length === 0 && (
          <div className="py-24 text-center">
            <p className="mb-1 text-lg font-semibold">The shelf is empty</p>
            <p className="mb-6 text-soft">
              Start with what you will hold: a print, a sheet for the wall, a small book.
            </p>
            <Button look="primary" onClick={() => setStarting(true)}>
              New piece
            </Button>
          </div>
        )}
        {all.length > 0 && items.length === 0 && (
          <p role="status" className="py-16 text-center text-soft">
            {wanted.trim() ? `No piece is called “${wanted.trim()}”` : 'No piece is left'}
            {kind && ` among: ${KINDS[kind]}`}.
          </p>
        )}
        <ul className="flex flex-wrap items-end gap-x-12 gap-y-8 overflow-x-clip px-6 pt-4">
          {items.map((item) => (
            <ShelfPiece key={item.id} item={item} pixelsPerMm={pixelsPerMm} onChanged={changed} />
          ))}
        </ul>
        {damaged.map(({ id, damaged: why }) => (
          <p key={id} role="alert" className="mt-8 border-l-4 border-madder pl-3">
            A piece on this shelf cannot be shown and is left as it is. {why ?? 'It has no page.'}
          </p>
        ))}
      </main>
      <NewPiece open={starting} onClose={() => setStarting(false)} />
    </div>
  )
}
