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

/** Copies that lie alike share one picture. */
const placesOf = (scene: PageScene, pixelsPerMm: number): SpritePlace[] => [
  ...new Map(scene.units.map((unit) => spritePlace(unit, pixelsPerMm)).map((one) => [spriteKey(one), one])).values(),
]

/**
 * Brings the sprites of the page that is seen. One request is under way at a time: while changes come faster than pictures, the pictures
 * skip to the newest.
 */
class SpriteFetcher {
  private readonly store = new SpriteStore()
  private readonly listeners = new Set<() => void>()
  private wanted: Wanted | undefined
  private asking = 0

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
    this.wanted = { piece, page: scene.pageId, pixelsPerMm, sprites: placesOf(scene, pixelsPerMm) }
    this.begin()
  }

  /** At which scale this page is on the bench, and which pictures of it are there; nothing if it is not. */
  seen(piece: string, page: string): { pixelsPerMm: number; known: string[] } | undefined {
    const now = this.wanted
    if (now?.piece !== piece || now.page !== page) return undefined
    const { pixelsPerMm } = now
    return { pixelsPerMm, known: now.sprites.filter((one) => this.store.has(keyOf(one, pixelsPerMm))).map(spriteKey) }
  }

  /**
   * Takes pictures that come along with what is about to be shown instead of the same page; nothing else is asked for meanwhile.
   *
   * @param known of the keys of pictures, those that do not come
   * @param read hands the others over in the order of the scene's units
   */
  async coming(
    scene: PageScene,
    { pixelsPerMm, known }: { pixelsPerMm: number; known: string[] },
    read: (take: (sprite: Sprite) => void) => Promise<void>,
  ) {
    const left = new Set(known)
    const expected = placesOf(scene, pixelsPerMm).filter((one) => !left.has(spriteKey(one)))
    let next = 0
    await this.alone(() =>
      read((sprite) => {
        const place = expected[next++]
        if (place) this.put(place, pixelsPerMm, sprite)
      }),
    )
  }

  private put(place: SpritePlace, pixelsPerMm: number, sprite: Sprite) {
    this.store.put(keyOf(place, pixelsPerMm), sprite)
    this.listeners.forEach((listener) => listener())
  }

  /** While this is under way nothing else is asked for; then what is lacking still is. */
  private async alone(work: () => Promise<void>) {
    this.asking++
    try {
      await work()
    } finally {
      this.asking--
      this.begin()
    }
  }

  private begin() {
    if (this.asking > 0 || !this.wanted || this.missing(this.wanted).length === 0) return
    this.asking++
    void this.bring().finally(() => {
      this.asking--
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
        await fetchSprites(place, missing, (asked, sprite) => this.put(asked, place.pixelsPerMm, sprite))
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
