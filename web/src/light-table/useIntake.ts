import { useCallback, useRef, useState } from 'react'
import { type IntakeResult, Problem, problemOf, windowName } from '../api/client'

export interface Arriving {
  key: number
  name: string
  state: 'waiting' | 'sending' | 'reading' | 'done'
  share: number
  results: IntakeResult[]
}

const AT_ONCE = 2

/** Sends files one by one, two at a time, and tells how far each has come and what became of it. */
export function useIntake(pieceId: string, onArrived: () => void) {
  const [arriving, setArriving] = useState<Arriving[]>([])
  const next = useRef(0)
  const queue = useRef<{ key: number; file: File; batch: string }[]>([])
  const running = useRef(0)

  const update = useCallback((key: number, change: Partial<Arriving>) => {
    setArriving((all) => all.map((one) => (one.key === key ? { ...one, ...change } : one)))
  }, [])

  const pump = useCallback(() => {
    const run = async () => {
      running.current++
      for (let job = queue.current.shift(); job; job = queue.current.shift()) {
        const { key, file } = job
        const results = await send(pieceId, job.batch, file, (share) =>
          update(key, { state: share < 1 ? 'sending' : 'reading', share }),
        )
        update(key, { state: 'done', share: 1, results })
        if (results.some(({ status }) => status !== 'REFUSED')) onArrived()
      }
      running.current--
    }
    while (running.current < AT_ONCE && queue.current.length > running.current) void run()
    if (running.current === 0 && queue.current.length > 0) void run()
  }, [onArrived, pieceId, update])

  const bring = useCallback(
    (files: File[]) => {
      const batch = crypto.randomUUID()
      const jobs = files.map((file) => ({ key: next.current++, file, batch }))
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
  return { arriving, bring, clear }
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
