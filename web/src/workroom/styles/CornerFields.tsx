import type { Corners } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { LengthSlider } from '../../measure/LengthSlider'
import type { StyleFieldsProps } from './StyleFields'

const CUTS: Record<Corners['cut'], string> = {
  ROUND: 'round',
  CUT: 'cut off',
  SCALLOPED: 'scalloped',
  STAMP: 'edge like a stamp’s',
  DECKLE: 'edge torn along a ruler',
}
const SIZES: Record<Corners['cut'], string> = {
  ROUND: 'Corner radius',
  CUT: 'Corner cut',
  SCALLOPED: 'Scallop radius',
  STAMP: 'Width of a hole',
  DECKLE: 'Edge wavers by',
}

/** How corners or edges are cut, and how far. */
export function CornerFields({ style, format, wrong, onPreview, onCommit }: StyleFieldsProps & { wrong?: string }) {
  const { corners } = style
  const shorter = Math.min(format.width, format.height)
  const edge = corners.cut === 'STAMP' || corners.cut === 'DECKLE'
  const cut = (size: number) => ({ kind: 'cornersCut' as const, corners: { ...corners, size } })
  const as = (kind: Corners['cut']) => {
    const toEdge = kind === 'STAMP' || kind === 'DECKLE'
    // A radius makes no hole, and what was square is to show what was chosen.
    const size =
      corners.size > 0 && toEdge === edge ? corners.size : Math.round(shorter / (toEdge ? 100 : 40) / 100) * 100
    onCommit({ kind: 'cornersCut', corners: { cut: kind, size } })
  }
  return (
    <div className="grid grid-cols-2 gap-2">
      <Choice label="Corners" options={CUTS} value={corners.cut} onChange={as} />
      <LengthSlider
        label={SIZES[corners.cut]}
        value={corners.size}
        most={edge ? shorter / 40 : shorter / 12}
        format={format}
        wrong={wrong}
        onPreview={(size) => onPreview(cut(size))}
        onCommit={(size) => onCommit(cut(size))}
      />
    </div>
  )
}
