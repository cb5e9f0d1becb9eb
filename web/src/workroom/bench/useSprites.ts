import { useEffect, useReducer, useRef } from 'react'
import { type PageScene, Problem } from '../../api/client'
import { fetchSprites, type Sprite, SpriteStore } from './spriteStore'

const store = new SpriteStore()
const keyOf = (hash: string, pixelsPerMm: number) => `${hash}@${pixelsPerMm}`
const RETRY_MS = 1000

interface Wanted {
  piece: string
  page: string
  pixelsPerMm: number
  hashes: string[]
}

/**
 * The sprites of a page as they are now, by the name of their look. One request is under way at a time: while edits
 * come faster than pictures, the pictures skip to the newest.
 */
export function useSprites(piece: string, scene: PageScene | undefined, pixelsPerMm: number | undefined) {
  const [, redraw] = useReducer((count: number) => count + 1, 0)
  const wanted = useRef<Wanted | undefined>(undefined)
  const asking = useRef(false)

  useEffect(() => {
    if (!scene || !pixelsPerMm) return
    const hashes = scene.frames.filter(({ photo, words }) => photo || words).map(({ hash }) => hash)
    wanted.current = { piece, page: scene.pageId, pixelsPerMm, hashes: [...new Set(hashes)] }
    if (asking.current) return
    asking.current = true
    const missing = (now: Wanted) => now.hashes.filter((hash) => !store.has(keyOf(hash, now.pixelsPerMm)))
    const bring = async () => {
      for (let now = wanted.current; now; now = wanted.current) {
        const place = now
        const hashes = missing(place)
        if (hashes.length === 0) return
        try {
          await fetchSprites(place, hashes, (hash, png) => {
            store.put(keyOf(hash, place.pixelsPerMm), png)
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

  return (hash: string): Sprite | undefined => (pixelsPerMm ? store.get(keyOf(hash, pixelsPerMm)) : undefined)
}
