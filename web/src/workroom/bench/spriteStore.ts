import { client, data, windowName } from '../../api/client'
import type { SpritePlace } from './spritePlace'

/** A sprite's picture, or that its photo cannot be read. */
export type Sprite = { url: string } | 'unreadable'

/** Sprites by the name of their look and their scale. What was asked for longest ago goes first, and its memory with it. */
export class SpriteStore {
  private readonly kept = new Map<string, Sprite>()

  constructor(private readonly most = 1500) {}

  get(key: string): Sprite | undefined {
    const sprite = this.kept.get(key)
    if (sprite) {
      this.kept.delete(key)
      this.kept.set(key, sprite)
    }
    return sprite
  }

  has = (key: string) => this.kept.has(key)

  put(key: string, png: Uint8Array<ArrayBuffer>) {
    const sprite = png.length ? { url: URL.createObjectURL(new Blob([png], { type: 'image/png' })) } : 'unreadable'
    this.kept.set(key, sprite)
    for (const [oldest, old] of this.kept) {
      if (this.kept.size <= this.most) break
      this.kept.delete(oldest)
      if (old !== 'unreadable') URL.revokeObjectURL(old.url)
    }
  }
}

/** Takes a stream of pictures apart, each told as its length in four bytes and then its bytes. */
export async function readSprites(stream: ReadableStream<Uint8Array>, take: (pngs: Uint8Array<ArrayBuffer>[]) => void) {
  const reader = stream.getReader()
  let left = new Uint8Array(0)
  for (;;) {
    const { done, value } = await reader.read()
    if (done) break
    const bytes = new Uint8Array(left.length + value.length)
    bytes.set(left)
    bytes.set(value, left.length)
    const view = new DataView(bytes.buffer)
    const pngs: Uint8Array<ArrayBuffer>[] = []
    let at = 0
    while (at + 4 <= bytes.length && at + 4 + view.getUint32(at) <= bytes.length) {
      const end = at + 4 + view.getUint32(at)
      pngs.push(bytes.slice(at + 4, end))
      at = end
    }
    left = bytes.slice(at)
    if (pngs.length) take(pngs)
  }
  if (left.length) throw new Error('The answer was cut short.')
}

/** Asks for sprites in one request and hands each over as it comes. */
export async function fetchSprites(
  place: { piece: string; page: string; pixelsPerMm: number },
  sprites: SpritePlace[],
  take: (sprite: SpritePlace, png: Uint8Array<ArrayBuffer>) => void,
) {
  const stream = await data(
    client.POST('/api/pieces/{piece}/pages/{page}/sprites', {
      params: { path: { piece: place.piece, page: place.page } },
      body: {
        sprites: sprites.map(({ name, phaseX, phaseY }) => ({ name, phaseX, phaseY })),
        pixelsPerMm: place.pixelsPerMm,
        window: windowName,
      },
      parseAs: 'stream',
    }),
  )
  let next = 0
  await readSprites(stream as ReadableStream<Uint8Array>, (pngs) => {
    for (const png of pngs) {
      const sprite = sprites[next++]
      if (sprite) take(sprite, png)
    }
  })
}
