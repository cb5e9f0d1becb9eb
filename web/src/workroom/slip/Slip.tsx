import { ChevronsLeft, ChevronsRight } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { IconButton } from '../../ui/Button'
import { useMedia } from '../../ui/useMedia'
import { useRoom } from '../context'
import { ArrangeSlip } from './arrange/ArrangeSlip'
import { CheckSlip } from './check/CheckSlip'
import { DressSlip } from './dress/DressSlip'
import { FrameSlip } from './frame/FrameSlip'
import { FramesSlip } from './frame/FramesSlip'
import { GatherSlip } from './gather/GatherSlip'
import { MakeSlip } from './make/MakeSlip'
import { WordsSlip } from './words/WordsSlip'
import { OrnamentSlip } from '../ornaments/OrnamentSlip'
import { ShapeSlip } from '../shapes/ShapeSlip'
import { Route } from './Route'
import { SlipHead } from './SlipHead'

/** Below this the whole slip would leave too little for the page. */
const NARROW = '(max-width: 899px)'

/** The slip that travels with the job: its route, and below it what the station can do with what is selected. */
export function Slip() {
  const narrow = useMedia(NARROW)
  const [opened, setOpened] = useState(false)
  useEffect(() => {
    if (!opened) return
    const escape = (event: KeyboardEvent) => event.key === 'Escape' && setOpened(false)
    window.addEventListener('keydown', escape)
    return () => window.removeEventListener('keydown', escape)
  }, [opened])
  if (!narrow) return <WholeSlip className="w-80 max-[1100px]:w-72" />
  return (
    <>
      <section
        aria-label="Folded slip"
        data-place={opened ? undefined : 'slip'}
        tabIndex={-1}
        className="flex w-20 shrink-0 flex-col items-center bg-paper px-1 shadow-[0_1px_4px_rgb(34_41_58/0.3)]"
      >
        <Link to="/" className="flex min-h-10 items-center text-soft hover:text-woad">
          ‹ Shelf
        </Link>
        <Route upright />
        <IconButton name={opened ? 'Fold the slip' : 'Unfold the slip'} onClick={() => setOpened(!opened)}>
          {opened ? <ChevronsLeft size={18} /> : <ChevronsRight size={18} />}
        </IconButton>
      </section>
      {opened && (
        <div className="absolute inset-y-1.5 left-[5.5rem] z-40 flex">
          <WholeSlip className="w-80" />
        </div>
      )}
    </>
  )
}

function WholeSlip({ className }: { className: string }) {
  const { station } = useRoom()
  return (
    <section
      aria-label="Slip"
      data-place="slip"
      tabIndex={-1}
      className={`flex shrink-0 flex-col bg-paper shadow-[0_1px_4px_rgb(34_41_58/0.3)] ${className}`}
    >
      <SlipHead />
      <div className="px-4">
        <Route />
      </div>
      <div key={station} className="min-h-0 flex-1 overflow-y-auto px-4 pb-3">
        <Content />
      </div>
    </section>
  )
}

function Content() {
  const { station, frame, frames, frameScene } = useRoom()
  if (station === 'gather') return <GatherSlip />
  if (station === 'check') return <CheckSlip />
  if (station === 'make') return <MakeSlip />
  if (frame?.ornament && frameScene)
    return <OrnamentSlip key={frame.id} frame={frame} ornament={frame.ornament} scene={frameScene} />
  if (frame?.text && frameScene) return <WordsSlip key={frame.id} frame={frame} text={frame.text} scene={frameScene} />
  if (frame && frameScene && (frame.box || frame.rule))
    return <ShapeSlip key={frame.id} frame={frame} scene={frameScene} />
  if (frame && frameScene) return <FrameSlip key={frame.id} frame={frame} scene={frameScene} />
  if (frames.length > 1) return <FramesSlip />
  return station === 'arrange' ? <ArrangeSlip /> : <DressSlip />
}
