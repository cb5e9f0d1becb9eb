import { type PageSummary, pagePicture } from '../../api/client'

/** A page as it stands in the run, as sharp as the screen is. */
export const runPicture = (piece: string, { id, look }: PageSummary, { width }: { width: number }) =>
  pagePicture(piece, id, look, Math.round(width * (window.devicePixelRatio || 1)))
