import { useEffect, useReducer, useRef } from 'react'
import { type PageScene, Problem } from '../../api/client'
import { spriteKey, type SpritePlace, spritePlace } from './spritePlace'
import { fetchSprites, type Sprite, SpriteStore } from './spriteStore'

const store = new SpriteStore()
const keyOf = (sprite: SpritePlace, pixelsPerMm: number) => `${spriteKey(sprite)}@${pixelsPerMm}`
const RETRY_MS = 1000

interface Wanted {
  piece: string
  page: string
  pixelsPerMm: number
  sprites: SpritePlace[]
}

/**
 * The sprites of a page as they are now, by the names of their looks. One request is under way at a time: while edits
 * come faster than pictures, the pictures skip to the newest.
 */
export function useSprites(piece: string, scene: PageScene | undefined, pixelsPerMm: number | undefined) {
  const [, redraw] = useReducer((count: number) => count + 1, 0)
  const wanted = useRef<Wanted | undefined>(undefined)
  const asking = useRef(false)

  useEffect(() => {
    if (!scene || !pixelsPerMm) return
    // Copies that lie alike share one picture.
    const sprites = new Map(
      scene.units.map((unit) => spritePlace(unit, pixelsPerMm)).map((one) => [spriteKey(one), one]),
    )
    wanted.current = { piece, page: scene.pageId, pixelsPerMm, sprites: [...sprites.values()] }
    if (asking.current) return
    asking.current = true
    const missing = (now: Wanted) => now.sprites.filter((sprite) => !store.has(keyOf(sprite, now.pixelsPerMm)))
    const bring = async () => {
      for (let now = wanted.current; now; now = wanted.current) {
        const place = now
        const sprites = missing(place)
        if (sprites.length === 0) return
        try {
          await fetchSprites(place, sprites, (sprite, png) => {
            store.put(keyOf(sprite, place.pixelsPerMm), png)
            redraw()
          })
        } catch (problem) {
          const changed = problem instanceof Problem && problem.status === 404
          // A look that is no longer there belongs to a scene that is about to be replaced.
          if (changed && wanted.current === place) return
          if (!changed) await new Promise((resolve) => setTimeout(resolve, RETRY_MS))
        }
      }
    }
    void bring().finally(() => {
      asking.current = false
    })
  }, [piece, scene, pixelsPerMm])

  useEffect(
    () => () => {
      wanted.current = undefined
    },
    [],
  )

  return (sprite: SpritePlace): Sprite | undefined => (pixelsPerMm ? store.get(keyOf(sprite, pixelsPerMm)) : undefined)
}
