import { type PageScene, Problem } from '../../api/client'
import { spriteKey, type SpritePlace, spritePlace } from './spritePlace'
import { fetchSprites, type Sprite, SpriteStore } from './spriteStore'

const keyOf = (sprite: SpritePlace, pixelsPerMm: number) => `${spriteKey(sprite)}@${pixelsPerMm}`
const RETRY_MS = 1000
const PATIENCE_MS = 80

interface Wanted {
  piece: string
  page: string
  pixelsPerMm: number
  sprites: SpritePlace[]
}

/**
 * Brings the sprites of the page that is seen. One request is under way at a time: while changes come faster than pictures, the pictures
 * skip to the newest.
 */
class SpriteFetcher {
  private readonly store = new SpriteStore()
  private readonly listeners = new Set<() => void>()
  private wanted: Wanted | undefined
  private asking = false

  get(sprite: SpritePlace, pixelsPerMm: number): Sprite | undefined {
    return this.store.get(keyOf(sprite, pixelsPerMm))
  }

  /** Tells whenever a picture has come. */
  subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => {
      this.listeners.delete(listener)
    }
  }

  /** Asks for what this scene shows, at this scale. */
  want(piece: string, scene: PageScene, pixelsPerMm: number): Wanted {
    // Copies that lie alike share one picture.
    const sprites = new Map(
      scene.units.map((unit) => spritePlace(unit, pixelsPerMm)).map((one) => [spriteKey(one), one]),
    )
    const wanted = { piece, page: scene.pageId, pixelsPerMm, sprites: [...sprites.values()] }
    this.wanted = wanted
    if (!this.asking) {
      this.asking = true
      void this.bring().finally(() => {
        this.asking = false
      })
    }
    return wanted
  }

  /**
   * Asks for what is about to be shown instead of the same page, before the screen is laid out anew for it. Laying out a full page takes as
   * long as drawing its first pictures: who waits for this does it once, with them.
   *
   * @returns when the first new picture is here, or {@link PATIENCE_MS} are over; at once if nothing new is to be drawn
   */
  async ahead(piece: string, scene: PageScene): Promise<void> {
    const now = this.wanted
    if (now?.piece !== piece || now.page !== scene.pageId) return
    const next = this.want(piece, scene, now.pixelsPerMm)
    const lacking = this.missing(next).length
    if (lacking === 0) return
    await new Promise<void>((resolve) => {
      const done = () => {
        clearTimeout(over)
        end()
        resolve()
      }
      const over = setTimeout(done, PATIENCE_MS)
      const end = this.subscribe(() => this.missing(next).length < lacking && done())
    })
  }

  private missing({ sprites, pixelsPerMm }: Wanted): SpritePlace[] {
    return sprites.filter((sprite) => !this.store.has(keyOf(sprite, pixelsPerMm)))
  }

  /** The page is no longer seen. */
  leave() {
    this.wanted = undefined
  }

  private async bring() {
    for (let now = this.wanted; now; now = this.wanted) {
      const place = now
      const missing = this.missing(place)
      if (missing.length === 0) return
      try {
        await fetchSprites(place, missing, (asked, sprite) => {
          this.store.put(keyOf(asked, place.pixelsPerMm), sprite)
          this.listeners.forEach((listener) => listener())
        })
      } catch (problem) {
        const changed = problem instanceof Problem && problem.status === 404
        // A look that is no longer there belongs to a scene that is about to be replaced.
        if (changed && this.wanted === place) return
        if (!changed) await new Promise((resolve) => setTimeout(resolve, RETRY_MS))
      }
    }
  }
}

export const spriteFetcher = new SpriteFetcher()
