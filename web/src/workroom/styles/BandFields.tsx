import { Plus, Trash2 } from 'lucide-react'
import type { Band, Paint } from '../../api/client'
import { Choice } from '../../fields/Choice'
import { LengthSlider } from '../../measure/LengthSlider'
import { Button, IconButton } from '../../ui/Button'
import { PaintField } from '../paint/PaintField'
import type { StyleFieldsProps } from './StyleFields'

const SIDES: Record<Band['side'], string> = { INSIDE: 'over the photo’s edge', OUTSIDE: 'around the photo' }
const MOST_BANDS = 8
const ORDER = [
  'Border',
  'Second border',
  'Third border',
  'Fourth border',
  'Fifth border',
  'Sixth border',
  'Seventh border',
  'Last border',
]

interface Props extends StyleFieldsProps {
  wrong: string | undefined
  onBands: ((bands: Band[]) => void) | undefined
}

/** Borders and mats, from the frame's edge away; each with its width, colour, side and bevel. */
export function BandFields({ style, format, wrong, onPreview, onCommit, onBands }: Props) {
  const { bands } = style
  const shorter = Math.min(format.width, format.height)
  const another = () => {
    const last = bands.at(-1)
    if (last) onBands?.([...bands, { ...last, width: Math.max(500, Math.round(shorter / 150 / 100) * 100), bevel: 0 }])
  }
  return (
    <>
      {bands.map((band, index) => {
        const name = ORDER[index] ?? `Border ${index + 1}`
        const width = (length: number) => ({ kind: 'bandWidth' as const, band: index, width: length })
        const bevel = (length: number) => ({ kind: 'bandBevel' as const, band: index, bevel: length })
        const paint = (one: Paint) => ({ kind: 'bandPaint' as const, band: index, paint: one })
        return (
          <div
            key={index}
            role="group"
            aria-label={name}
            className={bands.length > 1 ? 'space-y-2 border-l-2 border-line pl-2' : 'space-y-2'}
          >
            <div className="flex items-end gap-1">
              <div className="min-w-0 flex-1">
                <LengthSlider
                  label={`${name} width`}
                  value={band.width}
                  most={shorter / 40}
                  format={format}
                  wrong={index === 0 ? wrong : undefined}
                  onPreview={(length) => onPreview(width(length))}
                  onCommit={(length) => onCommit(width(length))}
                />
              </div>
              {onBands && bands.length > 1 && (
                <IconButton
                  name={`Take away the ${name.toLowerCase()}`}
                  onClick={() => onBands(bands.filter((_, at) => at !== index))}
                >
                  <Trash2 size={16} />
                </IconButton>
              )}
            </div>
            <PaintField
              what={name}
              value={band.paint}
              format={format}
              onPreview={(one) => onPreview(paint(one))}
              onCommit={(one) => onCommit(paint(one))}
            />
            <Choice
              label={`${name} lies`}
              options={SIDES}
              value={band.side}
              onChange={(side) => onCommit({ kind: 'bandSide', band: index, side })}
            />
            {band.width > 0 && (
              <LengthSlider
                label={bands.length > 1 ? `${name} bevel` : 'Bevel of its inner edge'}
                value={band.bevel}
                most={Math.min(band.width, shorter / 100)}
                format={format}
                onPreview={(length) => onPreview(bevel(length))}
                onCommit={(length) => onCommit(bevel(length))}
              />
            )}
          </div>
        )
      })}
      {onBands && bands.length < MOST_BANDS && (
        <Button className="w-full" onClick={another}>
          <Plus size={16} /> Another border
        </Button>
      )}
    </>
  )
}
