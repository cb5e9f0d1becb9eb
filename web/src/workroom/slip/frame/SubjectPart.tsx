import { type KeyboardEvent, type PointerEvent, useState } from 'react'
import { type FrameScene, largePicture, type Region } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { Choice } from '../../../fields/Choice'
import { type TrayPhoto, useRoom } from '../../context'
import { followPointer } from '../../frames/pointerDrag'
import { useBurst } from '../../useBurst'
import { Part } from '../Part'
import { useCrop } from '../../useCrop'
import { regionDrawn, regionMoved } from './region'

type Aim = 'SUBJECT' | 'THIRDS' | 'HAND'
const AIMS: Record<Aim, string> = { SUBJECT: 'the subject', THIRDS: 'the subject on a third', HAND: 'where I put it' }
const FOUND: Record<string, string> = {
  FACES: 'Found by its faces.',
  SALIENCE: 'Found by what stands out.',
  PERSON: 'Shown by you.',
  NONE: 'Nothing was found.',
}
const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-0.01, 0],
  ArrowRight: [0.01, 0],
  ArrowUp: [0, -0.01],
  ArrowDown: [0, 0.01],
}

/** What the photo is about, on the whole photo: drag it or its corners to correct it; and whether the crop keeps to it. */
export function SubjectPart({ photo, scene }: { photo: TrayPhoto; scene: FrameScene }) {
  const { handle } = useRoom()
  const changeCrop = useCrop(scene.frameId)
  const burst = useBurst()
  const [draft, setDraft] = useState<Region | null>(null)
  const shown = scene.photo
  if (!shown) return null
  const { subject, crop } = shown
  const region = draft ?? subject.region

  const store = (next: Region | null) =>
    void handle
      .edit({ kind: 'showSubject', entryId: photo.entryId, region: next ?? undefined })
      .finally(() => setDraft(null))
  const follow = (down: PointerEvent<HTMLElement>, corner?: [number, number]) => {
    if (down.button !== 0) return
    down.stopPropagation()
    const picture = down.currentTarget.closest('[data-testid="subject"]')?.getBoundingClientRect()
    if (!picture) return
    let now = region
    followPointer(down, {
      move: (dx, dy) => {
        const [x, y] = [dx / picture.width, dy / picture.height]
        now = corner ? regionDrawn(region, corner, x, y) : regionMoved(region, x, y)
        setDraft(now)
      },
      end: () => store(now),
      cancel: () => setDraft(null),
    })
  }
  const keys = (event: KeyboardEvent) => {
    const arrow = ARROWS[event.key]
    if (!arrow) return
    event.preventDefault()
    event.stopPropagation()
    const change = (now: Region) => (event.shiftKey ? regionDrawn(now, [1, 1], ...arrow) : regionMoved(now, ...arrow))
    void handle.edit(
      ({ stored }) => {
        const before = stored.entries.find(({ id }) => id === photo.entryId)?.subject ?? subject.region
        return { kind: 'showSubject', entryId: photo.entryId, region: change(before) }
      },
      { batch: burst() },
    )
  }
  const percent = (share: number) => `${share * 100}%`
  return (
    <Part title="Subject" folded>
      <div className="flex justify-center bg-mat">
        <div
          data-testid="subject"
          className="relative max-h-40 touch-none"
          style={{ aspectRatio: photo.width / photo.height }}
        >
          <img alt="" src={largePicture(photo.id)} draggable={false} className="max-h-40 max-w-full" />
          {subject.faces.map((face) => (
            <span
              key={`${face.x} ${face.y}`}
              className="pointer-events-none absolute rounded-full border border-dashed border-[#fffdf8]"
              style={{
                left: percent(face.x),
                top: percent(face.y),
                width: percent(face.width),
                height: percent(face.height),
              }}
            />
          ))}
          <div
            tabIndex={0}
            role="application"
            aria-label="The photo’s subject. Arrows move it, Shift and arrows change its size."
            onPointerDown={follow}
            onKeyDown={keys}
            className="absolute cursor-move border-2 border-[#fffdf8] outline-1 outline-[#22293a]"
            style={{
              left: percent(region.x),
              top: percent(region.y),
              width: percent(region.width),
              height: percent(region.height),
            }}
          >
            {([-1, 1] as const).flatMap((y) =>
              ([-1, 1] as const).map((x) => (
                <span
                  key={`${x} ${y}`}
                  data-corner={`${x} ${y}`}
                  onPointerDown={(event) => follow(event, [x, y])}
                  className="absolute flex size-4 -translate-1/2 items-center justify-center"
                  style={{
                    left: `calc(${percent(0.5 + x * 0.5)} + ${x * 5}px)`,
                    top: `calc(${percent(0.5 + y * 0.5)} + ${y * 5}px)`,
                    cursor: x === y ? 'nwse-resize' : 'nesw-resize',
                  }}
                >
                  <span className="size-2 border border-[#22293a] bg-[#fffdf8]" />
                </span>
              )),
            )}
          </div>
        </div>
      </div>
      <p className="py-1 text-[13px] leading-4 text-soft">{FOUND[subject.origin]} Drag it or a corner to correct it.</p>
      {subject.origin === 'PERSON' && (
        <Button className="mb-2 w-full" onClick={() => store(null)}>
          Find it again
        </Button>
      )}
      <Choice
        label="The crop keeps to"
        options={AIMS}
        value={crop.aim}
        onChange={(aim) => changeCrop((now) => ({ ...now, aim }))}
      />
    </Part>
  )
}
