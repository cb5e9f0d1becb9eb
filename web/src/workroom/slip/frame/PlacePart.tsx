import { Grid2x2, Lock, LockOpen, Undo2, Unlink } from 'lucide-react'
import type { FrameScene } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { saySize } from '../../../measure/units'
import { Button, IconButton } from '../../../ui/Button'
import { NumberField } from '../../../fields/NumberField'
import { slotOf } from '../../piece/arrangement'
import { Part } from '../Part'
import { useRoom } from '../../context'
import { turnedTo } from '../../frames/spots'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { useSpots } from '../../frames/useSpots'
import type { Frame, Spot } from '../../piece/model'
import { LineUpPart } from './LineUpPart'
import { PivotField } from './PivotField'

/** Where a frame lies: in the arrangement's place, or in one of its own, by number. */
export function PlacePart({ frame, scene, folded }: { frame: Frame; scene: FrameScene; folded: boolean }) {
  const { piece, page, scene: pageScene, handle, selection } = useRoom()
  const changeSpots = useSpots()
  const { patch } = useFrameDoings()
  const { format } = piece
  const { spot } = frame
  const set = (change: (spot: Spot) => Spot) => void changeSpots([frame.id], change)
  const slot = pageScene?.grid && slotOf(scene.box, pageScene.grid)
  const joined = slot && slot.rows * slot.columns > 1
  if (!spot) {
    return (
      <Part title="Place" folded={folded}>
        <Button className="w-full" aria-keyshortcuts="T" onClick={() => set((now) => now)}>
          <Unlink size={16} /> Take it out
        </Button>
        {joined && (
          <Button
            className="w-full"
            onClick={() => void handle.edit({ kind: 'partCells', pageId: page.id, frameId: frame.id })}
          >
            <Grid2x2 size={16} /> Part the joined cells
          </Button>
        )}
        <p className="text-[13px] leading-4 text-soft">Then it can be moved, sized and turned by hand.</p>
      </Part>
    )
  }
  const off = frame.locked
  return (
    <Part
      title="Place"
      folded={folded}
      aside={
        <div className="flex">
          {page.arrangement.kind !== 'byHand' && (
            <IconButton
              name="Give it back to the arrangement (T)"
              disabled={off}
              onClick={() => void handle.edit({ kind: 'giveBackItems', pageId: page.id, itemIds: [frame.id] })}
            >
              <Undo2 size={17} />
            </IconButton>
          )}
          <IconButton
            name={off ? 'Unlock (L)' : 'Lock (L)'}
            aria-pressed={off}
            className={off ? 'bg-wash' : ''}
            onClick={() => patch({ kind: 'setLocked', locked: !off }, [frame.id])}
          >
            {off ? <Lock size={17} /> : <LockOpen size={17} />}
          </IconButton>
        </div>
      }
    >
      {off ? (
        <p>
          {saySize(spot.width, spot.height, format)}, locked. It keeps its place and size; unlock it to change them.
        </p>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-2">
            <LengthField
              label="From left"
              value={spot.x}
              format={format}
              onCommit={(x) => set((now) => ({ ...now, x }))}
            />
            <LengthField
              label="From top"
              value={spot.y}
              format={format}
              onCommit={(y) => set((now) => ({ ...now, y }))}
            />
            <LengthField
              label="Frame width"
              value={spot.width}
              format={format}
              onCommit={(width) => set((now) => ({ ...now, width }))}
            />
            <LengthField
              label="Frame height"
              value={spot.height}
              format={format}
              onCommit={(height) => set((now) => ({ ...now, height }))}
            />
            <NumberField
              label="Frame turn"
              suffix="°"
              value={spot.turnDegrees}
              min={-180}
              max={180}
              decimals={2}
              onCommit={(degrees) => set((now) => turnedTo(now, degrees, selection.pivot))}
            />
            <PivotField />
          </div>
          <LineUpPart frames={[frame]} />
        </>
      )}
    </Part>
  )
}
