import { ChevronRight } from 'lucide-react'
import { useState } from 'react'
import type { Band, FrameStyle, StyleDifference } from '../../api/client'
import type { UnitFormat } from '../../measure/units'
import { LengthSlider } from '../../measure/LengthSlider'
import { BandFields } from './BandFields'
import { CornerFields } from './CornerFields'
import { FasteningFields } from './FasteningFields'
import { LightEffects } from './LightEffects'
import { ShadowFields } from './ShadowFields'

export interface StyleFieldsProps {
  style: FrameStyle
  format: UnitFormat & { width: number; height: number }
  onPreview: (difference: StyleDifference) => void
  onCommit: (difference: StyleDifference) => void
}

interface Props extends StyleFieldsProps {
  wrong: (field: 'bandWidth' | 'cornerRadius') => string | undefined
  /** Sets how many bands there are; a single frame has as many as its style. */
  onBands?: (bands: Band[]) => void
}

/** Whether what is rarely wanted is shown; kept while the window is open. */
let opened = false

/** Borders, corners, shadow and what else a look has; shown on the bench while it changes. */
export function StyleFields({ wrong, onBands, ...fields }: Props) {
  const { style, format, onPreview, onCommit } = fields
  const [more, setMore] = useState(opened)
  const shorter = Math.min(format.width, format.height)
  const foot = (height: number): StyleDifference => ({ kind: 'footHeight', foot: height })
  return (
    <>
      <BandFields {...fields} wrong={wrong('bandWidth')} onBands={onBands} />
      <CornerFields {...fields} wrong={wrong('cornerRadius')} />
      <ShadowFields {...fields} />
      <button
        type="button"
        aria-expanded={more}
        className="inline-flex min-h-8 items-center gap-1 font-semibold hover:text-woad"
        onClick={() => {
          opened = !more
          setMore(!more)
        }}
      >
        <ChevronRight size={15} aria-hidden className={more ? 'rotate-90' : ''} />
        Foot, tape, glow, reflection
      </button>
      {more && (
        <>
          <LengthSlider
            label="Foot to write on"
            value={style.foot}
            most={shorter / 8}
            format={format}
            onPreview={(height) => onPreview(foot(height))}
            onCommit={(height) => onCommit(foot(height))}
          />
          <FasteningFields {...fields} />
          <LightEffects {...fields} />
        </>
      )}
    </>
  )
}
