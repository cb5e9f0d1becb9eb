import { useEffect, useReducer } from 'react'
import type { PageScene } from '../../api/client'
import { spriteFetcher } from './spriteFetcher'
import type { SpritePlace } from './spritePlace'
import type { Sprite } from './spriteStore'

/** The sprites of a page as they are now, by the names of their looks. */
export function useSprites(piece: string, scene: PageScene | undefined, pixelsPerMm: number | undefined) {
  const [, redraw] = useReducer((count: number) => count + 1, 0)
  useEffect(() => spriteFetcher.subscribe(redraw), [])
  useEffect(() => {
    if (scene && pixelsPerMm) spriteFetcher.want(piece, scene, pixelsPerMm)
  }, [piece, scene, pixelsPerMm])
  useEffect(() => () => spriteFetcher.leave(), [])
  return (sprite: SpritePlace): Sprite | undefined => (pixelsPerMm ? spriteFetcher.get(sprite, pixelsPerMm) : undefined)
}
