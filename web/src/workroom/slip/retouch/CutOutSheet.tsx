import { Undo2, UserRound } from 'lucide-react'
import { type CSSProperties, useState } from 'react'
import { framePhoto, type Edit } from '../../../api/client'
import { OneOf } from '../../../fields/OneOf'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Button } from '../../../ui/Button'
import { WholeScreen } from '../../../ui/WholeScreen'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { StrokedPhoto } from './StrokedPhoto'
import type { Spot } from './useBrush'

type Mark = Extract<Edit, { kind: 'markCutOut' }>['mark']

const MARKS: Record<Mark, { name: string; says: string; line: { colour: string; dashed: boolean } }> = {
  KEEP: {
    name: 'Keep',
    says: 'Draw over what is to be seen; what belongs to it is found.',
    line: { colour: '#5e7b4f', dashed: false },
  },
  DROP: {
    name: 'Drop',
    says: 'Draw over what is to go; what belongs to it is found.',
    line: { colour: '#a4373a', dashed: true },
  },
  BRING_BACK: {
    name: 'Bring back',
    says: 'Just what the brush touches is seen again.',
    line: { colour: '#5e7b4f', dashed: false },
  },
  TAKE_AWAY: {
    name: 'Take away',
    says: 'Just what the brush touches goes.',
    line: { colour: '#a4373a', dashed: true },
  },
}
const names = (marks: Mark[]) => Object.fromEntries(marks.map((one) => [one, MARKS[one].name])) as Record<Mark, string>
const FOUND = names(['KEEP', 'DROP'])
const BRUSHED = names(['BRING_BACK', 'TAKE_AWAY'])

type Behind = 'chequers' | 'black' | 'white' | 'page'
const BEHIND: Record<Behind, string> = { chequers: 'Chequers', black: 'Black', white: 'White', page: 'The page' }
const CHEQUERS: CSSProperties = {
  background: 'repeating-conic-gradient(#cfcabd 0 25%, #efebe0 0 50%) 0 0 / 24px 24px',
}

/** What of a photo is seen, said by strokes on the whole of it. */
export function CutOutSheet({ frame, onClose }: { frame: Frame; onClose: () => void }) {
  const { handle, storedPage, stored, photos } = useRoom()
  const [mark, setMark] = useState<Mark>('KEEP')
  const [width, setWidth] = useState(0.03)
  const [softness, setSoftness] = useState(0.3)
  const [behind, setBehind] = useState<Behind>('chequers')
  const [busy, setBusy] = useState(false)
  const photo = photos.find(({ entryId }) => entryId === frame.entry)
  const { fill } = frame.item
  if (!photo || fill.kind !== 'ownPhoto') return null
  const begun = fill.retouched?.cutOut !== undefined
  const brush = mark === 'BRING_BACK' || mark === 'TAKE_AWAY'
  const revision = handle.open?.revision ?? 0
  const at = { piece: stored.id, page: storedPage.id, frame: frame.id, revision }
  const { ground } = storedPage
  const paint = ground.kind === 'covered' ? ground.paint : stored.styles.grounds.usual
  const grounds: Record<Behind, CSSProperties> = {
    chequers: CHEQUERS,
    black: { background: '#000' },
    white: { background: '#fff' },
    page: { background: paint.colour },
  }
  const edit = async (one: Edit) => {
    setBusy(true)
    await handle.edit(one)
    setBusy(false)
  }
  const frameOf = { pageId: storedPage.id, frameId: frame.id }
  const stroke = (spots: Spot[]) =>
    edit({
      kind: 'markCutOut',
      ...frameOf,
      mark,
      stroke: { width, softness: brush ? softness : 0, points: spots },
    })
  const key = (pressed: string) => {
    const pressedMark = (Object.keys(MARKS) as Mark[])[Number(pressed) - 1]
    if (pressedMark) setMark(pressedMark)
    else if (pressed.toLowerCase() === 'z') handle.undo()
    else return false
    return true
  }
  return (
    <WholeScreen name="Cut out" onClose={onClose} onKey={key}>
      <div className="flex min-h-0 flex-1">
        <div className="flex w-70 shrink-0 flex-col gap-3 overflow-y-auto bg-paper p-4">
          <h2 className="font-semibold">Cut out of {photo.fileName}</h2>
          <Button disabled={busy} onClick={() => void edit({ kind: 'cutOutPeople', ...frameOf })}>
            <UserRound size={16} /> Find the person
          </Button>
          <OneOf label="Strokes" options={FOUND} value={mark} onChange={setMark} />
          <OneOf label="Brush" options={BRUSHED} value={mark} onChange={setMark} />
          <p className="min-h-8 text-[13px] leading-4 text-soft">{MARKS[mark].says} Keys 1 to 4.</p>
          <PercentSlider label="Width of the brush" value={width} most={20} onPreview={setWidth} onCommit={setWidth} />
          {brush && <PercentSlider label="Softness" value={softness} onPreview={setSoftness} onCommit={setSoftness} />}
          <fieldset className="space-y-1">
            <legend className="pb-1">Seen on</legend>
            <div className="grid grid-cols-2 gap-1">
              {(Object.keys(BEHIND) as Behind[]).map((one) => (
                <button
                  key={one}
                  aria-pressed={behind === one}
                  onClick={() => setBehind(one)}
                  className={`flex h-8 items-center gap-2 border px-2 ${behind === one ? 'border-woad bg-wash font-semibold' : 'border-edge hover:border-woad'}`}
                >
                  <span aria-hidden className="size-4 border border-edge" style={grounds[one]} />
                  {BEHIND[one]}
                </button>
              ))}
            </div>
          </fieldset>
          <p role="status" className="min-h-4 text-[13px] leading-4 text-soft">
            {busy ? 'Looking for its edge …' : begun ? '' : 'Nothing is cut out yet: the whole photo is seen.'}
          </p>
          <div className="mt-auto grid grid-cols-2 gap-2">
            <Button onClick={handle.undo}>
              <Undo2 size={16} /> Undo (Z)
            </Button>
            <Button look="primary" onClick={onClose}>
              Done
            </Button>
          </div>
        </div>
        <div className="grid min-w-0 flex-1 place-items-center p-6 pt-12" style={{ containerType: 'size' }}>
          <StrokedPhoto
            name={`The photo ${photo.fileName}`}
            proportion={photo.width / photo.height}
            picture={framePhoto(at)}
            whole={framePhoto({ ...at, plain: true })}
            behind={begun ? 0.18 : 0}
            ground={grounds[behind]}
            width={width}
            line={MARKS[mark].line}
            onStroke={stroke}
          />
        </div>
      </div>
    </WholeScreen>
  )
}
