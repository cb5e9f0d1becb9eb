import { beforeAll, expect, test, vi } from 'vitest'
import { ByteReader } from './byteReader'
import { readSprites, type Sprite, SpriteStore } from './spriteStore'

class Pixels {
  constructor(
    readonly data: Uint8ClampedArray,
    readonly width: number,
    readonly height: number,
  ) {}
}

beforeAll(() => {
  vi.stubGlobal('ImageData', Pixels)
})

const bytes = (...values: number[]) => new Uint8Array(values)
const pixels = (count: number) => new ImageData(new Uint8ClampedArray(4 * count), count, 1)

test('keeps what was asked for last, within so many bytes', () => {
  const [a, b, c] = [pixels(100), pixels(100), pixels(100)]
  const store = new SpriteStore(2000)
  store.put('a', a)
  store.put('b', b)
  expect(store.get('a')).toBe(a)
  store.put('c', c)
  expect(store.has('b')).toBe(false)
  expect(store.get('a')).toBe(a)
  store.put('huge', pixels(10_000))
  expect(['a', 'c', 'huge'].map(store.has)).toEqual([false, false, true])
})

test.each([1, 2, 3, 5, 100])('sprites are told apart however the stream is cut, here every %i bytes', async (cut) => {
  const one = [0, 0, 0, 1, 0, 0, 0, 2, 7, 8, 9, 255, 1, 2, 3, 4]
  const none = [0, 0, 0, 0, 0, 0, 0, 0]
  const other = [0, 0, 0, 1, 0, 0, 0, 1, 5, 5, 5, 5]
  const sent = [...one, ...none, ...other]
  const chunks = Array.from({ length: Math.ceil(sent.length / cut) }, (_, i) =>
    bytes(...sent.slice(i * cut, (i + 1) * cut)),
  )
  const read: Sprite[] = []
  await readSprites(new ByteReader(streamOf(chunks)), (sprite) => read.push(sprite))
  expect(
    read.map((sprite) => (sprite === 'unreadable' ? sprite : [sprite.width, sprite.height, ...sprite.data])),
  ).toEqual([[1, 2, 7, 8, 9, 255, 1, 2, 3, 4], 'unreadable', [1, 1, 5, 5, 5, 5]])
})

test.each([
  ['its size', [0, 0, 0]],
  ['its pixels', [0, 0, 0, 1, 0, 0, 0, 1]],
])('an answer that is cut short in %s is said to be', async (_, sent) => {
  await expect(readSprites(new ByteReader(streamOf([bytes(...sent)])), () => {})).rejects.toThrow('cut short')
})

const streamOf = (chunks: Uint8Array[]) =>
  new ReadableStream<Uint8Array>({
    start: (controller) => {
      chunks.forEach((chunk) => controller.enqueue(chunk))
      controller.close()
    },
  })
