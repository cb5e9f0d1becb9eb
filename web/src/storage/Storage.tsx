import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type ReactNode, useCallback, useEffect } from 'react'
import { Link } from 'react-router'
import { client, data, type StorageView } from '../api/client'
import { sayBytes } from '../measure/bytes'
import { Button } from '../ui/Button'
import { Mark } from '../ui/Mark'
import { NumberField } from '../fields/NumberField'
import { useNotice } from '../ui/Notices'
import { Reading } from '../ui/Reading'
import { useAttempt } from '../ui/useAttempt'
import { DeletedPieces } from './DeletedPieces'

const KEY = ['storage']

/** What takes how much of the disk, and what can be given back. */
export function Storage() {
  const queries = useQueryClient()
  const notice = useNotice()
  const storage = useQuery({ queryKey: KEY, queryFn: () => data(client.GET('/api/storage')), refetchOnMount: 'always' })
  useEffect(() => {
    document.title = 'Storage · Wovenset'
  }, [])
  const look = useCallback(() => queries.invalidateQueries({ queryKey: KEY }), [queries])
  const attempt = useAttempt(look)
  const removeMade = () =>
    attempt(
      () => data(client.DELETE('/api/storage/made')),
      'The files are removed. They can be made again at any time.',
    )
  const clear = (before: StorageView) =>
    attempt(async () => {
      const after = await data(client.POST('/api/storage/clear'))
      const given = before.originals.bytes - after.originals.bytes
      notice(given > 0 ? `${sayBytes(given)} of photos are given back.` : 'There was nothing that no piece needs.')
    })
  const keep = (days: number) => attempt(() => data(client.PUT('/api/settings/keeping', { body: { days } })))
  return (
    <div className="min-h-full">
      <header className="flex h-14 items-center gap-3 border-b border-line px-8">
        <Link to="/" aria-label="Back to the shelf" className="flex items-center gap-3 hover:text-woad">
          <Mark size={24} />
          <span className="font-semibold">Shelf</span>
        </Link>
        <h1 className="border-l border-line pl-4 text-lg font-semibold">Storage</h1>
      </header>
      <main className="mx-auto max-w-3xl px-8 py-8">
        <Reading of={storage} doing="Looking through the folders" />
        {storage.data && (
          <>
            <Shares storage={storage.data} />
            <Part title="Files that were made">
              <p className="text-soft">
                {storage.data.made.count === 0
                  ? 'None are kept.'
                  : `${plural(storage.data.made.count, 'file')}, ${sayBytes(storage.data.made.bytes)}. What you have saved elsewhere stays there.`}
              </p>
              <Button disabled={storage.data.made.count === 0} onClick={() => void removeMade()}>
                Remove all made files
              </Button>
            </Part>
            <Part title="Photos that no piece needs">
              <p className="text-soft">
                They go by themselves a few times a day, once the pieces that showed them are gone for good.
              </p>
              <Button onClick={() => void clear(storage.data)}>Give them back now</Button>
            </Part>
            <Part title="Deleted pieces">
              <div className="w-56">
                <NumberField
                  label="Can be brought back for"
                  suffix="days"
                  value={storage.data.keptDays}
                  min={1}
                  max={3650}
                  onCommit={(days) => void keep(days)}
                />
              </div>
              <DeletedPieces pieces={storage.data.deleted} attempt={attempt} />
            </Part>
          </>
        )}
      </main>
    </div>
  )
}

const plural = (count: number, what: string) => `${count} ${what}${count === 1 ? '' : 's'}`

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-10 space-y-3">
      <h2 className="font-semibold">{title}</h2>
      {children}
    </section>
  )
}

/** Each share as a thread of its length beside the others. */
function Shares({ storage }: { storage: StorageView }) {
  const shares = [
    { name: 'Photos as you brought them in', detail: plural(storage.originals.count, 'photo'), ...storage.originals },
    { name: 'Their smaller sizes for the screen', detail: 'made again when needed', ...storage.derived },
    { name: 'Files that were made', detail: plural(storage.made.count, 'file'), ...storage.made },
    { name: 'Pieces with their whole history', detail: plural(storage.pieces.count, 'piece'), ...storage.pieces },
  ]
  const most = Math.max(1, ...shares.map(({ bytes }) => bytes))
  return (
    <table className="w-full border-collapse">
      <caption className="mb-3 text-left text-soft">The disk has {sayBytes(storage.free)} left.</caption>
      <tbody>
        {shares.map(({ name, detail, bytes }) => (
          <tr key={name} className="border-b border-line">
            <th scope="row" className="py-2 pr-4 text-left font-normal">
              {name}
              <span className="block text-[13px] text-soft">{detail}</span>
            </th>
            <td className="w-1/3 py-2" aria-hidden>
              <span
                className="block h-1.5 bg-woad"
                style={{ width: `${Math.max(bytes > 0 ? 1 : 0, (bytes / most) * 100)}%` }}
              />
            </td>
            <td className="w-24 py-2 text-right tabular-nums">{sayBytes(bytes)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
