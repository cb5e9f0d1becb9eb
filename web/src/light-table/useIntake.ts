import { useCallback, useMemo, useRef, useState } from 'react'
import { type Edit, type Entry, type IntakeResult, Problem, problemOf, windowName } from '../api/client'
import type { PieceHandle } from '../workroom/piece/usePiece'

export interface Arriving {
  key: number
  name: string
  state: 'waiting' | 'sending' | 'reading' | 'done'
  share: number
  results: IntakeResult[]
}

const AT_ONCE = 2
/** While many files arrive, the piece is read anew no more often than this. */
const SHOW_EVERY_MS = 700

/** Files that were brought together: one step of the history, in the order in which they were chosen. */
interface Batch {
  name: string
  left: number
  added: string[][]
}

/** Sends files one by one, two at a time, and tells how far each has come and what became of it. */
export function useIntake(pieceId: string, { edit, reload }: Pick<PieceHandle, 'edit' | 'reload'>) {
  const [arriving, setArriving] = useState<Arriving[]>([])
  const next = useRef(0)
  const queue = useRef<{ key: number; file: File; batch: Batch; place: number }[]>([])
  const running = useRef(0)
  const shown = useRef(0)

  const update = useCallback((key: number, change: Partial<Arriving>) => {
    setArriving((all) => all.map((one) => (one.key === key ? { ...one, ...change } : one)))
  }, [])

  const pump = useCallback(() => {
    const run = async () => {
      running.current++
      for (let job = queue.current.shift(); job; job = queue.current.shift()) {
        const { key, file, batch, place } = job
        const results = await send(pieceId, batch.name, file, (share) =>
          update(key, { state: share < 1 ? 'sending' : 'reading', share }),
        )
        update(key, { state: 'done', share: 1, results })
        batch.added[place] = results.flatMap(({ status, photo }) => (status === 'ADDED' && photo ? [photo] : []))
        batch.left--
        if (batch.left === 0 || performance.now() - shown.current > SHOW_EVERY_MS) {
          shown.current = performance.now()
          await reload()
        }
        if (batch.left === 0)
          await edit(({ stored }) => inOrder(stored.entries, batch.added.flat()), { batch: batch.name })
      }
      running.current--
    }
    while (running.current < AT_ONCE && queue.current.length > 0) void run()
  }, [edit, reload, pieceId, update])

  const bring = useCallback(
    (files: File[]) => {
      const batch: Batch = { name: crypto.randomUUID(), left: files.length, added: [] }
      const jobs = files.map((file, place) => ({ key: next.current++, file, batch, place }))
      setArriving((all) => [
        ...all.filter(({ state, results }) => state !== 'done' || results.some(({ status }) => status === 'REFUSED')),
        ...jobs.map(({ key, file }): Arriving => ({ key, name: file.name, state: 'waiting', share: 0, results: [] })),
      ])
      queue.current.push(...jobs)
      pump()
    },
    [pump],
  )
  const clear = useCallback(() => setArriving((all) => all.filter(({ state }) => state !== 'done')), [])
  return useMemo(() => ({ arriving, bring, clear }), [arriving, bring, clear])
}

/** Files that were sent side by side may have arrived in another order; nothing if they did not. */
export function inOrder(table: Pick<Entry, 'id' | 'photo'>[], chosen: string[]): Edit | null {
  const ours = new Set(chosen)
  const here = new Map(table.map((entry) => [entry.photo, entry]))
  const line = chosen.flatMap((photo) => here.get(photo) ?? [])
  const entries = table.map((entry) => (ours.has(entry.photo) ? (line.shift() ?? entry) : entry))
  const changed = entries.some(({ id }, i) => id !== table[i]?.id)
  return changed ? { kind: 'orderEntries', entryIds: entries.map(({ id }) => id) } : null
}

/** XMLHttpRequest, for only it tells how much of an upload has gone out. */
function send(pieceId: string, batch: string, file: File, onShare: (share: number) => void): Promise<IntakeResult[]> {
  return new Promise((resolve) => {
    const request = new XMLHttpRequest()
    const refused = (reason: string) => resolve([{ name: file.name, status: 'REFUSED', reason }])
    request.open('POST', `/api/pieces/${pieceId}/photos?batch=${batch}&window=${windowName}`)
    request.responseType = 'json'
    request.upload.onprogress = (event) => event.lengthComputable && onShare(event.loaded / event.total)
    request.upload.onload = () => onShare(1)
    request.onerror = () => refused(new Problem('The application cannot be reached; bring this file again.', 0).message)
    request.onload = () => {
      const body = request.response as { results?: IntakeResult[] } | null
      if (request.status === 200 && body?.results) resolve(body.results)
      else refused(problemOf(body, request.status).message)
    }
    const form = new FormData()
    form.append('file', file, file.name)
    request.send(form)
  })
}
