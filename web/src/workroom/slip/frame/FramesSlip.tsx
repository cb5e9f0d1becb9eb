import {
  AppWindow,
  Combine,
  Copy,
  CopyPlus,
  Group,
  Lock,
  LockOpen,
  Pin,
  PinOff,
  Trash2,
  Undo2,
  Ungroup,
  Unlink,
} from 'lucide-react'
import { Button, IconButton } from '../../../ui/Button'
import { FrameList } from '../arrange/FrameList'
import { WordsLook } from '../words/WordsLook'
import { Selected } from '../Selected'
import { useRoom } from '../../context'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { MountPart } from '../../mounts/MountPart'
import { BorderPart } from '../border/BorderPart'
import { AdjustPart } from './AdjustPart'
import { TreatmentPart } from './TreatmentPart'
import { LineUpPart } from './LineUpPart'
import { StandTogether } from '../retouch/StandTogether'
import { SizeField } from './SizeField'

/** Several frames: what can be done to all of them at once. */
export function FramesSlip() {
  const { frames, page, handle } = useRoom()
  const frameIds = frames.map(({ id }) => id)
  const doings = useFrameDoings()
  const out = frames.filter(({ spot }) => spot)
  const locked = frames.some((frame) => frame.locked)
  const grouped = frames[0]?.group !== undefined && frames.every(({ group }) => group === frames[0]?.group)
  const filled = frames.filter(({ entry }) => entry)
  const pinned = filled.length > 0 && filled.every(({ marks }) => marks.pinned)
  const photoFrames = frames.filter(({ forPhotos }) => forPhotos)
  const windows = photoFrames.every(({ item }) => item.fill.kind === 'through')
  const governedCount = frames.length - out.length
  return (
    <>
      <Selected name={`${frames.length} frames`} />
      <div className="flex flex-wrap border-t border-line py-1">
        <IconButton name="Copy (Ctrl C)" onClick={doings.copy}>
          <Copy size={17} />
        </IconButton>
        <IconButton name="Duplicate along the row (Ctrl D)" onClick={() => void doings.duplicate()}>
          <CopyPlus size={17} />
        </IconButton>
        <IconButton
          name={grouped ? 'Ungroup (Shift G)' : 'Group (G)'}
          onClick={grouped ? doings.ungroup : doings.group}
        >
          {grouped ? <Ungroup size={17} /> : <Group size={17} />}
        </IconButton>
        <IconButton name={locked ? 'Unlock (L)' : 'Lock (L)'} aria-pressed={locked} onClick={doings.toggleLock}>
          {locked ? <Lock size={17} /> : <LockOpen size={17} />}
        </IconButton>
        {filled.length > 0 && (
          <IconButton
            name={pinned ? 'Unpin the photos (P)' : 'Pin the photos (P)'}
            aria-pressed={pinned}
            onClick={doings.togglePin}
          >
            {pinned ? <PinOff size={17} /> : <Pin size={17} />}
          </IconButton>
        )}
        {page.arrangement.kind !== 'byHand' && out.length === frames.length && (
          <IconButton name="Give them back to the arrangement (T)" onClick={doings.toggleTaken}>
            <Undo2 size={17} />
          </IconButton>
        )}
        <IconButton name="Delete (Delete)" onClick={doings.remove}>
          <Trash2 size={17} />
        </IconButton>
      </div>
      {page.arrangement.kind === 'grid' && governedCount === frames.length && (
        <div className="border-t border-line py-2">
          <Button className="w-full" onClick={() => void handle.edit({ kind: 'joinCells', pageId: page.id, frameIds })}>
            <Combine size={16} /> Join the cells
          </Button>
        </div>
      )}
      {photoFrames.length > 1 && (
        <div className="border-t border-line py-2">
          <Button className="w-full" aria-keyshortcuts="W" onClick={doings.toggleWindow}>
            <AppWindow size={16} /> {windows ? 'Let the windows go (W)' : 'One photo through all of them (W)'}
          </Button>
        </div>
      )}
      {photoFrames.length > 1 && !windows && filled.length === photoFrames.length && (
        <StandTogether frameIds={photoFrames.map(({ id }) => id)} />
      )}
      {governedCount > 0 && (
        <div className="border-t border-line py-2">
          <Button className="w-full" onClick={doings.toggleTaken}>
            <Unlink size={16} /> Take {governedCount === 1 ? 'one' : governedCount} out
          </Button>
          <p className="pt-1 text-[13px] leading-4 text-soft">
            {governedCount === 1 ? 'One lies' : `${governedCount} lie`} in the arrangement. Lining up or sizing takes
            them out of it.
          </p>
        </div>
      )}
      {locked ? (
        <p className="border-t border-line py-2">Some are locked; unlock them to change places and sizes.</p>
      ) : (
        <>
          <section aria-label="Size" className="border-t border-line py-2">
            <h3 className="mb-1 font-semibold">Size</h3>
            <SizeField frames={frames} />
          </section>
          <section aria-label="Line up" className="border-t border-line py-2">
            <h3 className="font-semibold">Line up</h3>
            <LineUpPart frames={frames} />
          </section>
        </>
      )}
      <WordsLook frames={frames} />
      <BorderPart frames={frames} />
      <MountPart frames={frames} />
      <AdjustPart frames={frames} />
      <TreatmentPart frames={frames} />
      <FrameList />
    </>
  )
}
