import { useEffect, useReducer } from 'react'
import type { PageScene } from '../../api/client'
import { spriteFetcher } from './spriteFetcher'
import type { SpritePlace } from './spritePlace'
import type { Sprite } from './spriteStore'

/** On a screen with so many pixels to one of CSS, drafts with half as many stand for pictures while they change. */
const DENSE = 1.5

/**
 * The sprites of a page as they are now, or drafts of them.
 *
 * @param dots pixels of the screen for each of CSS
 */
export function useSprites(
  piece: string,
  scene: PageScene | undefined,
  pixelsPerMm: number | undefined,
  dots: number,
): (place: SpritePlace) => { sprite?: Sprite; draft?: Sprite } {
  const [, redraw] = useReducer((count: number) => count + 1, 0)
  useEffect(() => spriteFetcher.subscribe(redraw), [])
  const drafts = dots >= DENSE
  useEffect(() => {
    if (scene && pixelsPerMm) spriteFetcher.want(piece, scene, { pixelsPerMm, drafts })
  }, [piece, scene, pixelsPerMm, drafts])
  useEffect(() => () => spriteFetcher.leave(), [])
  return (place) => {
    if (!pixelsPerMm) return {}
    const sprite = spriteFetcher.get(place, pixelsPerMm)
    return sprite ? { sprite } : { draft: spriteFetcher.get(place.draft, pixelsPerMm / 2) }
  }
}
