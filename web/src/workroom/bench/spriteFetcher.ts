import { type PageScene, Problem } from '../../api/client'
import { spriteKey, type SpritePlace, spritePlace } from './spritePlace'
import { fetchSprites, type Sprite, SpriteStore } from './spriteStore'

const keyOf = (sprite: SpritePlace, pixelsPerMm: number) => `${spriteKey(sprite)}@${pixelsPerMm}`
const RETRY_MS = 1000

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
  want(piece: string, scene: PageScene, pixelsPerMm: number) {
    // Copies that lie alike share one picture.
    const sprites = new Map(
      scene.units.map((unit) => spritePlace(unit, pixelsPerMm)).map((one) => [spriteKey(one), one]),
    )
    this.wanted = { piece, page: scene.pageId, pixelsPerMm, sprites: [...sprites.values()] }
    if (this.asking) return
    this.asking = true
    void this.bring().finally(() => {
      this.asking = false
    })
  }

  /** Asks for what is about to be shown instead of the same page, before the screen is laid out anew for it. */
  ahead(piece: string, scene: PageScene) {
    const now = this.wanted
    if (now?.piece === piece && now.page === scene.pageId) this.want(piece, scene, now.pixelsPerMm)
  }

  /** The page is no longer seen. */
  leave() {
    this.wanted = undefined
  }

  private async bring() {
    for (let now = this.wanted; now; now = this.wanted) {
      const place = now
      const missing = place.sprites.filter((sprite) => !this.store.has(keyOf(sprite, place.pixelsPerMm)))
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
