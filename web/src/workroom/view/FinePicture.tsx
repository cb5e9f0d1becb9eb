import { useEffect, useState } from 'react'
import { type PageScene, windowPicture } from '../../api/client'
import { useRoom } from '../context'
import { useAnyDraft } from '../frames/drafts'
import type { BenchScale } from '../bench/useBenchScale'

const SETTLED_MS = 120

interface Fine {
  url: string
  of: string
  left: number
  top: number
  width: number
  height: number
}

/**
 * What of a page is seen when it is larger than its frames' pictures are made: drawn anew for this window as soon as the view stands
 * still, over them.
 */
export function FinePicture({ scene, scale, revision }: { scene: PageScene; scale: BenchScale; revision: number }) {
  const { piece, page } = useRoom()
  const dragging = useAnyDraft()
  const [fine, setFine] = useState<Fine | null>(null)
  const [drawing, setDrawing] = useState(false)
  const ratio = window.devicePixelRatio || 1
  const { pixelsPerMm, left, top, width, height } = scale
  const key = [page.id, revision, pixelsPerMm, left, top, width, height].join()

  useEffect(() => {
    const abort = new AbortController()
    let made: string | undefined
    const bring = async () => {
      const from = { x: Math.max(0, left), y: Math.max(0, top) }
      const to = {
        x: Math.min(width, left + scene.widthMm * pixelsPerMm),
        y: Math.min(height, top + scene.heightMm * pixelsPerMm),
      }
      const size = { width: Math.floor(to.x - from.x), height: Math.floor(to.y - from.y) }
      if (size.width < 1 || size.height < 1) return
      setDrawing(true)
      try {
        const answer = await fetch(
          windowPicture(piece.id, page.id, {
            x: (from.x - left) / pixelsPerMm,
            y: (from.y - top) / pixelsPerMm,
            width: Math.round(size.width * ratio),
            height: Math.round(size.height * ratio),
            pixelsPerMm: pixelsPerMm * ratio,
          }),
          { signal: abort.signal },
        )
        if (!answer.ok) return
        made = URL.createObjectURL(await answer.blob())
        if (!abort.signal.aborted) setFine({ url: made, of: key, left: from.x - left, top: from.y - top, ...size })
      } catch {
        // It was no longer wanted, or the application is away, which others say.
      } finally {
        if (!abort.signal.aborted) setDrawing(false)
      }
    }
    const timer = window.setTimeout(() => void bring(), SETTLED_MS)
    return () => {
      window.clearTimeout(timer)
      abort.abort()
      setFine(null)
      setDrawing(false)
      if (made) URL.revokeObjectURL(made)
    }
    // The key holds all that the picture follows from.
  }, [key]) // eslint-disable-line react-hooks/exhaustive-deps

  return (
    <>
      {fine?.of === key && !dragging && (
        <img
          alt=""
          data-testid="fine"
          src={fine.url}
          className="pointer-events-none absolute z-[5] max-w-none"
          style={{ left: fine.left, top: fine.top, width: fine.width, height: fine.height }}
        />
      )}
      {drawing && (
        <p role="status" className="sr-only">
          Drawing finely …
        </p>
      )}
    </>
  )
}
