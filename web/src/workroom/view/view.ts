/** What of the page is seen: its scale, and the point of the page in the bench's middle, in millimetres. */
export interface View {
  /** Screen pixels (CSS) for each millimetre. */
  pixelsPerMm: number
  x: number
  y: number
}

const LEAST = 0.02
const MOST = 120

export const within = (pixelsPerMm: number) => Math.min(MOST, Math.max(LEAST, pixelsPerMm))

export const writeView = ({ pixelsPerMm, x, y }: View) =>
  [pixelsPerMm.toPrecision(5), x.toFixed(1), y.toFixed(1)].map(Number).join()

export function readView(text: string | null): View | null {
  const [pixelsPerMm, x, y] = (text ?? '').split(',').map(Number)
  return pixelsPerMm && pixelsPerMm >= LEAST && pixelsPerMm <= MOST && Number.isFinite(x) && Number.isFinite(y)
    ? { pixelsPerMm, x: x ?? 0, y: y ?? 0 }
    : null
}

/** CSS calls this many of its pixels an inch; a screen may show them larger or smaller. */
const CSS_PER_MM = 96 / 25.4
const MEASURED = 'wovenset.screen'

/** How long a millimetre of CSS is on this screen, by the person's own ruler; 1 until it was measured. */
export const screenMm = () => Number(localStorage.getItem(MEASURED)) || 1

export const keepScreenMm = (mm: number) => localStorage.setItem(MEASURED, String(mm))

/** The scale at which a thing on the screen is as large as it will be in print. */
export const actualSize = () => CSS_PER_MM / screenMm()

/** The scale at which each pixel of the print is one dot of the screen. */
export const printPixels = (ppi: number, dotsPerPixel: number) => ppi / 25.4 / dotsPerPixel

/** The scale as it is said: 100 % is as printed; one dot for one pixel of the print is 1 : 1. */
export function sayScale(pixelsPerMm: number, ppi: number, dotsPerPixel: number): string {
  const dots = printPixels(ppi, dotsPerPixel)
  if (Math.abs(pixelsPerMm / dots - 1) < 0.001) return '1 : 1'
  const percent = (pixelsPerMm / actualSize()) * 100
  return `${percent < 10 ? percent.toFixed(1) : Math.round(percent)} %`
}

/** The view at another scale, with one point of the bench kept where it is (pixels from its middle). */
export function zoomedAt(view: View, pixelsPerMm: number, dx: number, dy: number): View {
  const next = within(pixelsPerMm)
  return {
    pixelsPerMm: next,
    x: view.x + dx / view.pixelsPerMm - dx / next,
    y: view.y + dy / view.pixelsPerMm - dy / next,
  }
}

/** The view moved by pixels of the screen; the page's middle can come to the bench's edge, and no farther away. */
export function movedView(view: View, dx: number, dy: number, page: { widthMm: number; heightMm: number }): View {
  const kept = (value: number, size: number) => Math.min(size, Math.max(0, value))
  return {
    ...view,
    x: kept(view.x - dx / view.pixelsPerMm, page.widthMm),
    y: kept(view.y - dy / view.pixelsPerMm, page.heightMm),
  }
}
