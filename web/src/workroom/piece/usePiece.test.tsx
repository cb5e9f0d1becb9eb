import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, createElement, type ReactNode } from 'react'
import { createRoot } from 'react-dom/client'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { MemoryRouter } from 'react-router'
import { NoticeProvider } from '../../ui/Notices'
import type { PieceHandle } from './usePiece'

/** A server of one piece: it counts revisions, refuses stale ones, and can be held up. */
class OnePiece {
  revision = 1
  name = 'One'
  readonly sent: number[] = []
  hold: Promise<void> = Promise.resolve()

  readonly fetch = async (input: RequestInfo | URL, init?: RequestInit): Promise<Response> => {
    const request = new Request(input, init)
    if (request.method === 'GET') return Response.json({ id: 'x', ...this.head(), entries: [], pages: [] })
    const body = (await request.json()) as { revision: number; edit: { name: string } }
    this.sent.push(body.revision)
    await this.hold
    if (body.revision !== this.revision)
      return Response.json({ detail: 'Changed elsewhere', revision: this.revision }, { status: 409 })
    if (body.edit.name === '') return Response.json({ detail: 'A piece needs a name.', field: 'name' }, { status: 422 })
    this.revision++
    this.name = body.edit.name
    return Response.json({ ...this.head(), entries: [], pages: [], stale: [] })
  }

  private head() {
    return { revision: this.revision, head: { name: this.name, format: {}, styles: {} } }
  }
}

let server: OnePiece
let handle: PieceHandle
let stop: () => void

beforeEach(async () => {
  vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true)
  vi.stubGlobal(
    'EventSource',
    class {
      addEventListener() {}
      close() {}
    },
  )
  server = new OnePiece()
  vi.stubGlobal('fetch', server.fetch)
  vi.resetModules()
  const { usePiece } = await import('./usePiece')
  const Probe = () => {
    handle = usePiece('x')
    return null
  }
  const root = createRoot(document.createElement('div'))
  const wrap = (children: ReactNode) =>
    createElement(
      QueryClientProvider,
      { client: new QueryClient() },
      createElement(MemoryRouter, null, createElement(NoticeProvider, null, children)),
    )
  await act(async () => root.render(wrap(createElement(Probe))))
  await act(async () => vi.waitFor(() => expect(handle.open?.revision).toBe(1)))
  stop = () => act(() => root.unmount())
})

afterEach(() => {
  stop()
  vi.unstubAllGlobals()
})

const rename = (name: string) => handle.edit({ kind: 'renamePiece', name })

it('sends edits one after the other, each on what the last one left', async () => {
  await act(async () => void (await Promise.all([rename('a'), rename('b'), rename('c')])))
  expect(server.sent).toEqual([1, 2, 3])
  expect(server.name).toBe('c')
  expect(handle.open?.piece.name).toBe('c')
})

it('says Saved only when nothing is under way', async () => {
  let release = () => {}
  server.hold = new Promise((resolve) => (release = resolve))
  let sent: Promise<unknown> = Promise.resolve()
  await act(async () => void (sent = rename('slow')))
  expect(handle.saving).toBe(true)
  await act(async () => {
    release()
    await sent
  })
  expect(handle.saving).toBe(false)
})

it('reads the piece anew when it was changed elsewhere, and overwrites nothing', async () => {
  server.revision = 5
  server.name = 'Theirs'
  await act(async () => void (await rename('Mine')))
  expect(server.name).toBe('Theirs')
  await act(async () => vi.waitFor(() => expect(handle.open?.piece.name).toBe('Theirs')))
  await act(async () => void (await rename('Mine after all')))
  expect(server.name).toBe('Mine after all')
})

it('gives a refusal back to the field that asked', async () => {
  let problem: Awaited<ReturnType<typeof rename>> = null
  await act(async () => void (problem = await handle.edit({ kind: 'renamePiece', name: '' }, { quiet: true })))
  expect(problem).toMatchObject({ field: 'name', message: 'A piece needs a name.' })
  expect(handle.open?.piece.name).toBe('One')
})
