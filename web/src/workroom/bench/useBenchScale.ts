import { type RefObject, useLayoutEffect, useMemo, useState } from 'react'
import type { PageScene } from '../../api/client'
import { tellSeenScale } from '../view/seenScale'
import type { View } from '../view/view'

export interface BenchScale {
  /** Screen pixels (CSS) for each millimetre of the page. */
  pixelsPerMm: number
  /** Where the trim's top left corner lies in the bench, whole pixels, so that sprites meet the pixel grid. */
  left: number
  top: number
  /** The bench's own size. */
  width: number
  height: number
}

/** Room for the dimension lines on the left and above, and for air on the other sides. */
const PADDING = { left: 54, top: 54, right: 8, bottom: 6 }

/** The scale of the view, else the largest at which the page, or both that face each other, and the dimension lines fit the bench. */
export function useBenchScale(
  bench: RefObject<HTMLElement | null>,
  scene: PageScene | undefined,
  view: View | null,
  facing?: 'left' | 'right',
): BenchScale | null {
  const [size, setSize] = useState<{ width: number; height: number } | null>(null)
  useLayoutEffect(() => {
    const element = bench.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height })
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [bench])
  const { widthMm, heightMm, bleedMm } = scene ?? {}
  const scale = useMemo(
    () =>
      size && widthMm !== undefined && heightMm !== undefined && bleedMm !== undefined
        ? scaleOf(size, { widthMm, heightMm, bleedMm }, view, facing)
        : null,
    [size, widthMm, heightMm, bleedMm, view, facing],
  )
  useLayoutEffect(() => tellSeenScale(scale?.pixelsPerMm), [scale?.pixelsPerMm])
  return scale
}

type PageSize = Pick<PageScene, 'widthMm' | 'heightMm' | 'bleedMm'>

function scaleOf(
  size: { width: number; height: number },
  scene: PageSize,
  view: View | null,
  facing: 'left' | 'right' | undefined,
): BenchScale {
  if (view) {
    return {
      ...size,
      pixelsPerMm: view.pixelsPerMm,
      left: Math.round(size.width / 2 - view.x * view.pixelsPerMm),
      top: Math.round(size.height / 2 - view.y * view.pixelsPerMm),
    }
  }
  const width = Math.max(80, size.width - PADDING.left - PADDING.right)
  const height = Math.max(80, size.height - PADDING.top - PADDING.bottom)
  const pages = facing ? 2 : 1
  const whole = { width: pages * scene.widthMm + 2 * scene.bleedMm, height: scene.heightMm + 2 * scene.bleedMm }
  const pixelsPerMm = Math.min(width / whole.width, height / whole.height)
  return {
    ...size,
    pixelsPerMm,
    left: Math.round(
      PADDING.left +
        (width - pages * scene.widthMm * pixelsPerMm) / 2 +
        (facing === 'left' ? scene.widthMm * pixelsPerMm : 0),
    ),
    top: Math.round(PADDING.top + (height - scene.heightMm * pixelsPerMm) / 2),
  }
}
