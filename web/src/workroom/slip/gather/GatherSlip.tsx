import { Library } from 'lucide-react'
import { useState } from 'react'
import { aboutPhoto } from '../../../light-table/aboutPhoto'
import { ArrivingList, Choosers } from '../../../light-table/Intake'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { TakeOver } from '../../overview/TakeOver'
import { waitingIn } from '../../piece/model'
import { Part } from '../Part'
import { AlbumPart } from '../album/AlbumPart'
import { NewCover } from '../album/CoverParts'
import { ExchangePart } from './ExchangePart'
import { LayAcross } from '../album/LayAcross'
import { PartScan } from '../scan/PartScan'
import { PlaceInOrder } from '../album/PlaceInOrder'
import { CaptionsPart } from './CaptionsPart'
import { NextSteps } from './NextSteps'
import { PrintsPart } from './PrintsPart'
import { SplitPart } from './SplitPart'
import { WallSetPart } from './WallSetPart'

/** Bringing photos in, and what can be done with them next, in their numbers. */
export function GatherSlip() {
  const { piece, photos, intake, chosen } = useRoom()
  const [taking, setTaking] = useState(false)
  const [only, ...more] = photos.filter(({ entryId }) => chosen.chosen.has(entryId))
  const two = photos.filter(({ entryId }) => chosen.chosen.has(entryId))
  const waiting = waitingIn(piece).length
  return (
    <>
      <Part title="Photos">
        <Choosers onFiles={intake.bring} />
        <Button look="quiet" onClick={() => setTaking(true)}>
          <Library size={16} /> From another piece
        </Button>
        {taking && <TakeOver onClose={() => setTaking(false)} />}
        <p className="text-[13px] leading-4 text-soft">
          Or drop files, folders or a ZIP anywhere. Your originals are kept as they are.
        </p>
        {photos.length > 0 && waiting === 0 && <p role="status">All photos are placed.</p>}
        <ArrivingList arriving={intake.arriving} onClear={intake.clear} />
      </Part>
      {waiting > 0 && (
        <Part title={`Place the ${waiting} that wait`}>
          <NextSteps waiting={waiting} />
        </Part>
      )}
      {only && more.length === 0 && (
        <Part title={only.fileName}>
          <ul className="text-[13px] leading-5 text-soft">
            {aboutPhoto(only).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <PlaceInOrder key={only.entryId} entryId={only.entryId} />
          <LayAcross entryId={only.entryId} />
          <PartScan key={`scan ${only.entryId}`} photo={only} />
        </Part>
      )}
      {photos.length > 0 && <AlbumPart />}
      {piece.album && <NewCover />}
      {two.length === 2 && <ExchangePart photos={two} />}
      {photos.length > 0 && <CaptionsPart />}
      {photos.length > 0 && <PrintsPart />}
      {photos.length > 0 && !piece.album && <WallSetPart />}
      {photos.length > 0 && <SplitPart folded={photos.length > 1} />}
    </>
  )
}
