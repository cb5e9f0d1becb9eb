import type { Paint } from '../../api/client'

type Texture = Extract<Paint, { kind: 'texture' }>
/** What a surface can be covered with: one colour, two that run over, or one of the textures. */
export type PaintName = 'solid' | 'gradient' | Texture['material']

export const PAINTS: Record<PaintName, string> = {
  solid: 'one colour',
  gradient: 'two colours, one into the other',
  LINEN: 'linen',
  LAID: 'laid paper',
  KRAFT: 'kraft paper',
  SLATE: 'slate',
  WASH: 'a watercolour wash',
  WOOD: 'wood',
  FELT: 'felt',
}

/** Colours that each material has by itself; quiet, so that pictures lead. */
const NATURAL: Record<Texture['material'], [string, string]> = {
  LINEN: ['#f0e8d8', '#d3c6aa'],
  LAID: ['#fbf6ea', '#e3d9c2'],
  KRAFT: ['#c8aa80', '#a5835a'],
  SLATE: ['#4d535b', '#343a42'],
  WASH: ['#eef2f1', '#a9c1cb'],
  WOOD: ['#c39a6b', '#99703f'],
  FELT: ['#8a9a78', '#6b7f5a'],
}

export const nameOf = (paint: Paint): PaintName => (paint.kind === 'texture' ? paint.material : paint.kind)

/** The paint of another name; a colour stays where the new one has no colours of its own. Micrometres. */
export function paintOf(name: PaintName, before: Paint, shorterSide: number): Paint {
  if (name === 'solid') return { kind: 'solid', colour: before.colour }
  if (name === 'gradient') return { kind: 'gradient', colour: before.colour, to: '#d9cdb4', towardsDegrees: 180 }
  const [colour, second] = NATURAL[name]
  const grain =
    before.kind === 'texture' ? before.grain : Math.min(3000, Math.max(300, Math.round(shorterSide / 400 / 100) * 100))
  return { kind: 'texture', material: name, colour, second, grain, strength: 0.7 }
}
