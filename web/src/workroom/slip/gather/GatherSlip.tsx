import { ArrivingList, Choosers } from '../../../light-table/Intake'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import { usesOf } from '../../piece/model'
import { Part } from '../Part'
import { SplitPart } from './SplitPart'
import { NextSteps } from './NextSteps'

/** Bringing photos in, and what can be done with them next, in their numbers. */
export function GatherSlip() {
  const { piece, photos, intake, handle } = useRoom()
  const uses = usesOf(piece)
  const waiting = photos.filter(({ entryId }) => !uses.has(entryId)).length
  return (
    <>
      <Part title="Photos">
        <Choosers onFiles={intake.bring} />
        <p className="text-[13px] leading-4 text-soft">
          Or drop files, folders or a ZIP anywhere. Your originals are kept as they are.
        </p>
        <ArrivingList arriving={intake.arriving} onClear={intake.clear} />
      </Part>
      {photos.length > 0 && (
        <Part title={waiting === 0 ? 'All photos are placed' : `Place the ${waiting} that wait`}>
          {waiting > 0 && <NextSteps waiting={waiting} />}
          {waiting > 0 && piece.pages.length > 0 && (
            <Button className="w-full" onClick={() => void handle.edit({ kind: 'flowEntries' })}>
              Flow into the frames, page by page
            </Button>
          )}
        </Part>
      )}
      {photos.length > 0 && <SplitPart folded={photos.length > 1} />}
    </>
  )
}
