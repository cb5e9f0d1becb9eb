import { useState } from 'react'
import type { Arrangement } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { liesAcrossFold } from '../../piece/acrossFold'
import { waitingIn } from '../../piece/model'
import type { WantedEdit } from '../../piece/usePiece'
import { NextSteps } from '../gather/NextSteps'
import { Part } from '../Part'
import { CoverPart } from '../album/CoverParts'
import { FlowedPart } from '../album/FlowedPart'
import { FramesPart } from './FramesPart'
import { FreePart } from './FreePart'
import { GridPart } from './GridPart'
import { GuideFields } from './GuideFields'
import { OrderPart } from './OrderPart'
import { PagePart } from './PagePart'
import { PatternsPart } from '../../propose/PatternsPart'
import { AddWords } from '../words/AddWords'
import { WordsPages } from '../words/WordsPages'
import { ProposalsPart } from '../../propose/ProposalsPart'
import { ScatteredPart } from './ScatteredPart'
import { SilhouettePart } from './SilhouettePart'
import { SlicingPart } from './SlicingPart'

/** The fields beside which is said what is wrong with them. */
function fieldsOf(arrangement: Arrangement): string[] {
  const always = ['margins', 'width', 'height', 'bleed']
  if (arrangement.kind === 'slicing' || arrangement.kind === 'silhouette') return [...always, 'gap']
  if (arrangement.kind !== 'grid') return always
  return [...always, 'columnGap', 'rowGap', ...(arrangement.cell ? ['cell'] : ['columnTracks', 'rowTracks'])]
}

/** The page: photos that wait, what the computer proposes, the numbers of the arrangement, and what is wanted more rarely. */
export function ArrangeSlip() {
  const { piece, stored, page, handle, photos, goTo } = useRoom()
  const [wrong, setWrong] = useState<{ field?: string; message: string } | null>(null)
  const waiting = waitingIn(piece).length

  const send = async (edit: WantedEdit) => {
    const problem = await handle.edit(edit, { quiet: true })
    setWrong(problem && { field: problem.field, message: problem.message })
    return problem
  }
  const about = (...fields: string[]) => (wrong && fields.includes(wrong.field ?? '') ? wrong.message : undefined)
  const { arrangement } = page
  const [only, ...more] = page.frames
  const picture = page.pictures.find(({ id }) => only?.item.fill.kind === 'through' && only.item.fill.picture === id)
  const index = stored.pages.findIndex(({ id }) => id === page.id)
  const acrossTheFold = more.length === 0 && picture && liesAcrossFold(stored.pages, index, picture.entry)
  return (
    <>
      {photos.length === 0 ? (
        <Part title="No photos yet">
          <Button look="primary" className="w-full" onClick={() => goTo('gather')}>
            Gather photos
          </Button>
        </Part>
      ) : (
        waiting > 0 &&
        !stored.cover && (
          <Part title={waiting === 1 ? '1 photo waits' : `${waiting} photos wait`}>
            <NextSteps waiting={waiting} />
          </Part>
        )
      )}
      <CoverPart />
      <FlowedPart />
      {acrossTheFold ? null : <ProposalsPart key={`proposals of ${page.id}`} />}
      {acrossTheFold ? (
        <p className="border-t border-line py-2 text-soft">
          One photo lies across the fold, on this page and the one that faces it. Press it to move or to size it.
        </p>
      ) : arrangement.kind === 'grid' ? (
        <GridPart key={`grid of ${page.id}`} grid={arrangement} send={send} about={about} />
      ) : arrangement.kind === 'slicing' ? (
        <SlicingPart key={`cuts of ${page.id}`} slicing={arrangement} send={send} about={about} />
      ) : arrangement.kind === 'scattered' ? (
        <ScatteredPart key={`scatter of ${page.id}`} scattered={arrangement} send={send} about={about} />
      ) : arrangement.kind === 'silhouette' ? (
        <SilhouettePart key={`silhouette of ${page.id}`} silhouette={arrangement} send={send} about={about} />
      ) : (
        <FreePart key={`margins of ${page.id}`} send={send} about={about} />
      )}
      {wrong && !fieldsOf(arrangement).includes(wrong.field ?? '') && <Wrong>{wrong.message}</Wrong>}
      <PagePart send={send} about={about} />
      <AddWords />
      <WordsPages />
      <FramesPart />
      <PatternsPart />
      <OrderPart />
      <Part title="Guides" folded>
        <GuideFields />
      </Part>
    </>
  )
}
