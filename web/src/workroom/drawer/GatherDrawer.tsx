import { Link } from 'react-router'
import { ArrivingList, Choosers, FileDrop } from '../../light-table/Intake'
import { useIntake } from '../../light-table/useIntake'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { usesOf } from '../piece/model'
import { Part } from './Part'
import { PhotoTray } from './PhotoTray'

export function GatherDrawer() {
  const { piece, photos, handle } = useRoom()
  const { arriving, bring, clear } = useIntake(piece.id, handle)
  const uses = usesOf(piece)
  const waiting = photos.filter(({ entryId }) => !uses.has(entryId)).length
  return (
    <FileDrop onFiles={bring} className="min-h-full">
      <Part title="Bring in">
        <Choosers onFiles={bring} />
        <p className="text-[13px] leading-4 text-soft">
          Or drop files, folders or a ZIP here. Your originals are kept as they are.
        </p>
        <ArrivingList arriving={arriving} onClear={clear} />
      </Part>
      <Part title={`${photos.length} ${photos.length === 1 ? 'photo' : 'photos'}, ${waiting} not placed`}>
        <div className="flex flex-wrap gap-2">
          <Link
            to={`/pieces/${piece.id}/light-table`}
            className="inline-flex h-8 items-center border border-line bg-paper px-3 font-semibold hover:border-woad"
          >
            Light table
          </Link>
          <Button disabled={waiting === 0} onClick={() => void handle.edit({ kind: 'flowEntries' })}>
            Flow in
          </Button>
        </div>
        <PhotoTray />
      </Part>
    </FileDrop>
  )
}
