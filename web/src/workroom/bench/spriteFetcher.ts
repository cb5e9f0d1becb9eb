import { type PageScene, Problem } from '../../api/client'
import { type PicturePlace, spriteKey, type SpritePlace, spritePlace } from './spritePlace'
import { fetchSprites, type Sprite, SpriteStore } from './spriteStore'

const keyOf = (place: PicturePlace, pixelsPerMm: number) => `${spriteKey(place)}@${pixelsPerMm}`
const RETRY_MS = 1000
/** So long after the last draft nothing has changed any more. */
const REST_MS = 150

/** At which scale a page is seen. */
interface Seen {
  pixelsPerMm: number
  /** Whether drafts will do while it changes: on a screen that has more pixels than are told apart then. */
  drafts: boolean
}

interface Wanted extends Seen {
  piece: string
  page: string
  sprites: SpritePlace[]
}

/** What is asked for along with a change that is not stored. */
interface Asked extends Seen {
  /** Of the pictures that come. */
  scale: number
  /** The keys of those that are there and do not come. */
  known: string[]
}

const scaleOf = ({ pixelsPerMm, drafts }: Seen) => (drafts ? pixelsPerMm / 2 : pixelsPerMm)

/** Copies that lie alike share one picture. */
const apart = <P extends PicturePlace>(places: P[]): P[] => [
  ...new Map(places.map((place) => [spriteKey(place), place])).values(),
]

const placesOf = (scene: PageScene, pixelsPerMm: number) => scene.units.map((unit) => spritePlace(unit, pixelsPerMm))

/**
 * Brings the sprites of the page that is seen. One request is under way at a time: while changes come faster than pictures, the pictures
 * skip to the newest. Where pixels are many, drafts come along with changes, and the pictures themselves once it rests.
 */
class SpriteFetcher {
  private readonly store = new SpriteStore()
  private readonly listeners = new Set<() => void>()
  private wanted: Wanted | undefined
  private asking = 0
  private resting: ReturnType<typeof setTimeout> | undefined

  get(place: PicturePlace, pixelsPerMm: number): Sprite | undefined {
    return this.store.get(keyOf(place, pixelsPerMm))
  }

  /** Tells whenever a picture has come. */
  subscribe = (listener: () => void) => {
    this.listeners.add(listener)
    return () => {
      this.listeners.delete(listener)
    }
  }

  /** Asks for what this scene shows, at this scale. */
  want(piece: string, scene: PageScene, seen: Seen) {
    this.wanted = { ...seen, piece, page: scene.pageId, sprites: apart(placesOf(scene, seen.pixelsPerMm)) }
    this.begin()
  }

  /** What to ask for with a change of this page; nothing if it is not on the bench. */
  asked(piece: string, page: string): Asked | undefined {
    const now = this.wanted
    if (now?.piece !== piece || now.page !== page) return undefined
    const { pixelsPerMm, drafts, sprites } = now
    const known = sprites.filter((one) => this.has(one, now) || (drafts && this.hasDraft(one, now)))
    return {
      pixelsPerMm,
      drafts,
      scale: scaleOf(now),
      known: known.map((one) => spriteKey(drafts ? one.draft : one)),
    }
  }

  /**
   * Takes pictures that come along with what is about to be shown instead of the same page; nothing else is asked for meanwhile.
   *
   * @param read hands those over that were not known in the order of the scene's units
   */
  async coming(scene: PageScene, asked: Asked, read: (take: (sprite: Sprite) => void) => Promise<void>) {
    const left = new Set(asked.known)
    const places: PicturePlace[] = placesOf(scene, asked.pixelsPerMm).map((one) => (asked.drafts ? one.draft : one))
    const expected = apart(places).filter((one) => !left.has(spriteKey(one)))
    let next = 0
    if (asked.drafts) this.rest()
    await this.alone(() =>
      read((sprite) => {
        const place = expected[next++]
        if (place) this.put(place, asked.scale, sprite)
        if (asked.drafts) this.rest()
      }),
    )
  }

  private rest() {
    clearTimeout(this.resting)
    this.resting = setTimeout(() => {
      this.resting = undefined
      this.begin()
    }, REST_MS)
  }

  private put(place: PicturePlace, pixelsPerMm: number, sprite: Sprite) {
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
    const now = this.wanted
    if (this.asking > 0 || !now) return
    const missing = this.missing(now)
    if (missing.length === 0) return
    if (this.resting !== undefined && missing.every((one) => this.hasDraft(one, now))) return
    this.asking++
    void this.bring().finally(() => {
      this.asking--
    })
  }

  private missing(wanted: Wanted): SpritePlace[] {
    return wanted.sprites.filter((one) => !this.has(one, wanted))
  }

  private has = (place: SpritePlace, { pixelsPerMm }: Seen) => this.store.has(keyOf(place, pixelsPerMm))

  private hasDraft = ({ draft }: SpritePlace, { pixelsPerMm }: Seen) => this.store.has(keyOf(draft, pixelsPerMm / 2))

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
