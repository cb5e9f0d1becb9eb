import { beforeEach, expect, test, vi } from 'vitest'
import type { Edit } from '../../api/client'
import type { Shown } from './openPiece'

const answers: { edit: string; turn: number; answer: (name: string) => void; refuse: () => void }[] = []

vi.mock('../../api/client', () => ({
  windowName: 'w',
  data: (answer: Promise<unknown>) => answer,
  client: {
    POST: (_: string, { body, signal }: { body: { edit: { name: string }; turn: number }; signal: AbortSignal }) =>
      new Promise((resolve, reject) => {
        signal.addEventListener('abort', () => reject(new Error('aborted')))
        answers.push({
          edit: body.edit.name,
          turn: body.turn,
          answer: (name) => resolve({ head: { name } }),
          refuse: () => reject(new Error('refused')),
        })
      }),
  },
}))

const { Previews } = await import('./previews')

const named = (name: string) => ({ kind: 'renamePiece', name }) as Edit
const settled = () => new Promise((resolve) => setTimeout(resolve))
let shown: (string | null)[] = []
const previews = () => new Previews('piece', (one: Shown | null) => shown.push(one && one.head.name))

beforeEach(() => {
  answers.length = 0
  shown = []
})

test('one is under way at a time, and what waits skips to the newest', async () => {
  const some = previews()
  for (const name of ['a', 'b', 'c', 'd']) some.ask(named(name), 'page')
  expect(answers.map(({ edit }) => edit)).toEqual(['a'])
  answers[0]?.answer('a')
  await settled()
  expect(answers.map(({ edit }) => edit)).toEqual(['a', 'd'])
  expect(shown).toEqual(['a'])
  answers[1]?.answer('d')
  await settled()
  expect(shown).toEqual(['a', 'd'])
})

test('a refusal does not stop those that follow', async () => {
  const some = previews()
  some.ask(named('a'), 'page')
  answers[0]?.refuse()
  await settled()
  some.ask(named('b'), 'page')
  answers[1]?.answer('b')
  await settled()
  expect(shown).toEqual(['b'])
})

test('after the end nothing that was on its way is shown, and a new one begins at once', async () => {
  const some = previews()
  some.ask(named('a'), 'page')
  some.ask(named('b'), 'page')
  some.end()
  some.ask(named('c'), 'page')
  expect(answers.map(({ edit }) => edit)).toEqual(['a', 'c'])
  answers[0]?.answer('a')
  answers[1]?.answer('c')
  await settled()
  expect(answers).toHaveLength(2)
  expect(shown).toEqual([null, 'c'])
})

// The server leaves an older one of a window where a later one has come, whatever piece it is of.
test('turns go on growing when another piece is opened in the window', () => {
  previews().ask(named('a'), 'page')
  new Previews('another', () => {}).ask(named('b'), 'page')
  expect(answers).toHaveLength(2)
  expect(answers[1]?.turn).toBeGreaterThan(answers[0]?.turn ?? Infinity)
})
