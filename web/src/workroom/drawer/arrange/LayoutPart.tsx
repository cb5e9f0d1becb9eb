import { useState } from 'react'
import type { Arrangement } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { Wrong } from '../../../ui/Wrong'
import { useRoom } from '../../context'
import { usesOf } from '../../piece/model'
import type { WantedEdit } from '../../piece/usePiece'
import { FreePart } from './FreePart'
import { GridPart } from './GridPart'
import { OrderPart } from './OrderPart'
import { PagePart } from '../PagePart'
import { Part } from '../Part'
import { PhotoTray } from '../PhotoTray'
import { ProposalsPart } from './ProposalsPart'
import { ScatteredPart } from './ScatteredPart'
import { SlicingPart } from './SlicingPart'

/** The fields beside which is said what is wrong with them. */
function fieldsOf(arrangement: Arrangement): string[] {
  const always = ['margins', 'width', 'height', 'bleed']
  if (arrangement.kind === 'slicing') return [...always, 'gap']
  if (arrangement.kind !== 'grid') return always
  return [...always, 'columnGap', 'rowGap', ...(arrangement.cell ? ['cell'] : ['columnTracks', 'rowTracks'])]
}

/** Photos into the page, what the computer proposes for them, and the numbers of the arrangement. */
export function LayoutPart() {
  const { piece, page, handle, photos } = useRoom()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const uses = usesOf(piece)
  const waiting = photos.filter(({ entryId }) => !uses.has(entryId)).length

  const send = async (edit: WantedEdit) => {
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem && { field: problem.field, message: problem.message })
    return problem
  }
  const about = (...fields: string[]) => (wrong && fields.includes(wrong.field ?? '') ? wrong.message : undefined)
  const { arrangement } = page
  return (
    <>
      <Part title="Photos">
        <Button className="w-full" disabled={waiting === 0} onClick={() => void handle.edit({ kind: 'flowEntries' })}>
          Flow {waiting} waiting into the frames
        </Button>
        <PhotoTray short />
      </Part>
      <ProposalsPart key={`proposals of ${page.id}`} />
      {arrangement.kind === 'grid' ? (
        <GridPart key={`grid of ${page.id}`} grid={arrangement} send={send} about={about} />
      ) : arrangement.kind === 'slicing' ? (
        <SlicingPart key={`cuts of ${page.id}`} slicing={arrangement} send={send} about={about} />
      ) : arrangement.kind === 'scattered' ? (
        <ScatteredPart key={`scatter of ${page.id}`} scattered={arrangement} send={send} about={about} />
      ) : (
        <FreePart key={`margins of ${page.id}`} send={send} about={about} />
      )}
      {wrong && !fieldsOf(arrangement).includes(wrong.field ?? '') && <Wrong>{wrong.message}</Wrong>}
      <OrderPart />
      <PagePart send={send} about={about} />
    </>
  )
}
