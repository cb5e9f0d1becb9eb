import { client, data, windowName } from '../../api/client'
import { ByteReader } from './byteReader'
import type { PicturePlace } from './spritePlace'

/** A sprite's pixels, or that its photo cannot be read. */
export type Sprite = ImageData | 'unreadable'

const MEGABYTE = 1 << 20
/** Of each sprite beside its pixels. */
const BESIDE = 500

const bytesOf = (sprite: Sprite) => BESIDE + (sprite === 'unreadable' ? 0 : sprite.data.length)

/** Sprites by the name of their look and their scale. What was asked for longest ago goes first, and its memory with it. */
export class SpriteStore {
  private readonly kept = new Map<string, Sprite>()
  private bytes = 0

  /** @param most bytes that are kept */
  constructor(private readonly most = 160 * MEGABYTE) {}

  get(key: string): Sprite | undefined {
    const sprite = this.kept.get(key)
    if (sprite) {
      this.kept.delete(key)
      this.kept.set(key, sprite)
    }
    return sprite
  }

  has = (key: string) => this.kept.has(key)

  put(key: string, sprite: Sprite) {
    this.drop(key)
    this.kept.set(key, sprite)
    this.bytes += bytesOf(sprite)
    for (const oldest of this.kept.keys()) {
      if (this.bytes <= this.most || oldest === key) break
      this.drop(oldest)
    }
  }

  private drop(key: string) {
    const sprite = this.kept.get(key)
    if (!sprite) return
    this.bytes -= bytesOf(sprite)
    this.kept.delete(key)
  }
}

const HEAD = 8

/** Takes a stream of sprites apart, each told as its width and height in four bytes each and then its pixels. */
export async function readSprites(bytes: ByteReader, take: (sprite: Sprite) => void) {
  const head = new Uint8Array(HEAD)
  while (await bytes.fill(head, true)) {
    const view = new DataView(head.buffer)
    const [width, height] = [view.getUint32(0), view.getUint32(4)]
    if (width === 0) {
      take('unreadable')
      continue
    }
    const pixels = new Uint8ClampedArray(width * height * 4)
    await bytes.fill(pixels)
    take(new ImageData(pixels, width, height))
  }
}

/** Asks for sprites in one request and hands each over as it comes. */
export async function fetchSprites(
  place: { piece: string; page: string; pixelsPerMm: number },
  sprites: PicturePlace[],
  take: (place: PicturePlace, sprite: Sprite) => void,
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
  await readSprites(new ByteReader(stream as ReadableStream<Uint8Array>), (sprite) => {
    const asked = sprites[next++]
    if (asked) take(asked, sprite)
  })
}
