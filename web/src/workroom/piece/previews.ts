import { client, data, type Edit, type PageView, windowName } from '../../api/client'
import { ByteReader } from '../bench/byteReader'
import { spriteFetcher } from '../bench/spriteFetcher'
import { readSprites } from '../bench/spriteStore'
import type { Shown } from './openPiece'

/** Of all previews of this window: the server leaves an older one where a later one has come. */
let turn = 0
/** Laying out a full page takes as long as drawing its first pictures: it waits so long for them, to be done once. */
const PATIENCE_MS = 80
const HEAD = 4

/**
 * Previews of one piece. One is under way at a time: while wishes come faster than answers, what is shown skips to the newest, so that it
 * follows a slider that does not rest.
 */
export class Previews {
  private wanted: { edit: Edit; seen: string } | null = null
  private underWay: AbortController | null = null

  constructor(
    private readonly piece: string,
    private readonly show: (shown: Shown | null) => void,
  ) {}

  ask(edit: Edit, seen: string) {
    this.wanted = { edit, seen }
    if (!this.underWay) void this.run()
  }

  /** Shows what is stored, whatever is on its way. */
  end() {
    this.wanted = null
    this.underWay?.abort()
    this.underWay = null
    this.show(null)
  }

  private async run() {
    const abort = new AbortController()
    this.underWay = abort
    for (let now = this.wanted; now && !abort.signal.aborted; now = this.wanted) {
      this.wanted = null
      try {
        await this.bring(now.edit, now.seen, abort.signal)
      } catch {
        // Refused, or the application is away: the field says so when it is let go.
      }
    }
    if (this.underWay === abort) this.underWay = null
  }

  private async bring(edit: Edit, seen: string, signal: AbortSignal) {
    const show = (shown: Shown) => {
      if (!signal.aborted) this.show(shown)
    }
    const params = { path: { id: this.piece } }
    const body = { edit, window: windowName, turn: ++turn, seen }
    const asked = spriteFetcher.asked(this.piece, seen)
    if (!asked) {
      show(await data(client.POST('/api/pieces/{id}/preview', { params, body, signal })))
      return
    }
    const drawn = client.POST('/api/pieces/{id}/preview/drawn', {
      params,
      body: { ...body, pixelsPerMm: asked.scale, known: asked.known },
      signal,
      parseAs: 'stream',
    })
    const bytes = new ByteReader((await data(drawn)) as ReadableStream<Uint8Array>)
    const head = new Uint8Array(HEAD)
    await bytes.fill(head)
    const json = new Uint8Array(new DataView(head.buffer).getUint32(0))
    await bytes.fill(json)
    const shown = JSON.parse(new TextDecoder().decode(json)) as Shown & { content?: PageView }
    if (!shown.content) {
      show(shown)
      return
    }
    let waiting = true
    const now = () => {
      if (waiting) show(shown)
      waiting = false
    }
    const over = setTimeout(now, PATIENCE_MS)
    try {
      await spriteFetcher.coming(shown.content.scene, asked, (take) =>
        readSprites(bytes, (sprite) => {
          take(sprite)
          now()
        }),
      )
    } finally {
      clearTimeout(over)
      now()
    }
  }
}
