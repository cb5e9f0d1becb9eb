import { UserRound } from 'lucide-react'
import { type CSSProperties, useState } from 'react'
import type { Edit } from '../../../api/client'
import { OneOf } from '../../../fields/OneOf'
import { PercentSlider } from '../../../fields/PercentSlider'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { StrokedPhoto } from './StrokedPhoto'
import type { Spot } from './useBrush'
import { useFramePhoto } from './useFramePhoto'
import { WorkSheet } from './WorkSheet'

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
  const { handle, storedPage, stored } = useRoom()
  const { photo, retouched, picture, whole, frameOf } = useFramePhoto(frame)
  const [mark, setMark] = useState<Mark>('KEEP')
  const [width, setWidth] = useState(0.03)
  const [softness, setSoftness] = useState(0.3)
  const [behind, setBehind] = useState<Behind>('chequers')
  const [busy, setBusy] = useState(false)
  if (!photo) return null
  const begun = retouched?.cutOut !== undefined
  const brush = mark === 'BRING_BACK' || mark === 'TAKE_AWAY'
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
  const stroke = (spots: Spot[]) =>
    edit({
      kind: 'markCutOut',
      ...frameOf,
      mark,
      stroke: { width, softness: brush ? softness : 0, points: spots },
    })
  const key = (pressed: string) => {
    const wanted = (Object.keys(MARKS) as Mark[])[Number(pressed) - 1]
    if (wanted) setMark(wanted)
    return wanted !== undefined
  }
  const tools = (
    <>
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
    </>
  )
  return (
    <WorkSheet name="Cut out" title={`Cut out of ${photo.fileName}`} onKey={key} onClose={onClose} tools={tools}>
      <StrokedPhoto
        name={`The photo ${photo.fileName}`}
        proportion={photo.width / photo.height}
        picture={picture}
        whole={whole}
        behind={begun ? 0.18 : 0}
        ground={grounds[behind]}
        width={width}
        line={MARKS[mark].line}
        onStroke={stroke}
      />
    </WorkSheet>
  )
}
