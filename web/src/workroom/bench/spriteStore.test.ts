import { afterEach, beforeEach, expect, test, vi } from 'vitest'
import { readSprites, SpriteStore } from './spriteStore'

beforeEach(() => {
  let made = 0
  vi.stubGlobal('URL', { ...URL, createObjectURL: () => `blob:${++made}`, revokeObjectURL: vi.fn() })
})
afterEach(() => vi.unstubAllGlobals())

const bytes = (...values: number[]) => new Uint8Array(values)

test('keeps what was asked for last and gives the memory of the rest back', () => {
  const store = new SpriteStore(2)
  store.put('a', bytes(1))
  store.put('b', bytes(1))
  expect(store.get('a')).toEqual({ url: 'blob:1' })
  store.put('c', bytes(1))
  expect(store.has('b')).toBe(false)
  expect(store.get('a')).toEqual({ url: 'blob:1' })
  expect(URL.revokeObjectURL).toHaveBeenCalledExactlyOnceWith('blob:2')
})

test('a sprite without bytes is one whose photo cannot be read', () => {
  const store = new SpriteStore()
  store.put('a', bytes())
  expect(store.get('a')).toBe('unreadable')
})

test.each([1, 2, 3, 5, 100])('pictures are told apart however the stream is cut, here every %i bytes', async (cut) => {
  const sent = [0, 0, 0, 3, 7, 8, 9, 0, 0, 0, 0, 0, 0, 0, 1, 5]
  const chunks = Array.from({ length: Math.ceil(sent.length / cut) }, (_, i) =>
    bytes(...sent.slice(i * cut, (i + 1) * cut)),
  )
  const stream = new ReadableStream<Uint8Array>({
    start: (controller) => {
      chunks.forEach((chunk) => controller.enqueue(chunk))
      controller.close()
    },
  })
  const read: number[][] = []
  await readSprites(stream, (pngs) => read.push(...pngs.map((png) => [...png])))
  expect(read).toEqual([[7, 8, 9], [], [5]])
})

test('an answer that is cut short is said to be', async () => {
  const stream = new ReadableStream<Uint8Array>({
    start: (controller) => {
      controller.enqueue(bytes(0, 0, 0, 9, 1))
      controller.close()
    },
  })
  await expect(readSprites(stream, () => {})).rejects.toThrow('cut short')
})
