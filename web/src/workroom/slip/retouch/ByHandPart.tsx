import { Bandage, Scan } from 'lucide-react'
import { useState } from 'react'
import { Button } from '../../../ui/Button'
import type { Frame } from '../../piece/model'
import { Part } from '../Part'
import { FacingSheet } from './FacingSheet'
import { MendSheet } from './MendSheet'

/** What is put right by hand in a frame's photo: spots, red eyes, things taken at a slant. */
export function ByHandPart({ frame }: { frame: Frame }) {
  const [open, setOpen] = useState<'mend' | 'face'>()
  const { fill } = frame.item
  if (fill.kind !== 'ownPhoto') return null
  const mends = fill.retouched?.mends.length ?? 0
  const faced = fill.retouched?.plane !== undefined
  const close = () => setOpen(undefined)
  return (
    <Part title="Put right by hand" folded={mends === 0 && !faced}>
      <Button className="w-full" onClick={() => setOpen('mend')}>
        <Bandage size={16} /> Spots and red eyes{mends > 0 && ` (${mends} mended)`}
      </Button>
      <Button className="w-full" onClick={() => setOpen('face')}>
        <Scan size={16} /> {faced ? 'A slanted thing is faced' : 'Face a slanted thing'}
      </Button>
      {open === 'mend' && <MendSheet frame={frame} onClose={close} />}
      {open === 'face' && <FacingSheet frame={frame} onClose={close} />}
    </Part>
  )
}
