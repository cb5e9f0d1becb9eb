import { useState } from 'react'
import { Choice } from '../../fields/Choice'
import type { Ornament } from '../../api/client'
import { useRoom } from '../context'
import { Part } from '../slip/Part'
import { askFocus, wordsField } from '../../fields/askedFocus'
import { useAdding } from '../useAdding'
import { useTryOut } from '../useTryOut'
import { OrnamentCards } from './OrnamentCards'
import { useOrnaments } from './useOrnaments'

const FAMILIES: Record<Ornament['family'], string> = {
  RING: 'rings round a photo',
  RIBBON: 'ribbons and labels for words',
  CORNER: 'corners',
  DIVIDER: 'dividers',
  STAR: 'stars, suns, seals',
  FASTENER: 'tape, stamps, buttons',
  SIGN: 'leaves, kites, pots …',
}

/** Drawings to put on the page; the bench shows one while it is looked at. */
export function OrnamentsPart() {
  const { storedPage, handle, select } = useRoom()
  const [family, setFamily] = useState<Ornament['family']>('RING')
  const ornaments = useOrnaments().filter((one) => one.family === family)
  const adding = (drawing: Ornament['drawing']) => ({ kind: 'addOrnament' as const, pageId: storedPage.id, drawing })
  const trying = useTryOut<Ornament['drawing']>((drawing) => handle.preview(drawing ? adding(drawing) : null))
  const addingOne = useAdding()
  const add = async (drawing: Ornament['drawing']) => {
    const added = await addingOne(adding(drawing))
    if (!added) return
    select({ kind: 'frame', pageId: storedPage.id, frameId: added.id })
    if (added.text) askFocus(wordsField(added.id))
  }
  return (
    <Part title="Ornaments">
      <Choice label="Put on the page" options={FAMILIES} value={family} onChange={setFamily} />
      <OrnamentCards label="Ornaments" ornaments={ornaments} trying={trying} onPick={(one) => void add(one.drawing)} />
    </Part>
  )
}
