import { useRoom } from '../context'
import { ArrangeSlip } from './arrange/ArrangeSlip'
import { CheckSlip } from './check/CheckSlip'
import { DressSlip } from './dress/DressSlip'
import { FrameSlip } from './frame/FrameSlip'
import { FramesSlip } from './frame/FramesSlip'
import { GatherSlip } from './gather/GatherSlip'
import { MakeSlip } from './make/MakeSlip'
import { Route } from './Route'
import { SlipHead } from './SlipHead'

/** The slip that travels with the job: its route, and below it what the station can do with what is selected. */
export function Slip() {
  const { station } = useRoom()
  return (
    <section
      aria-label="Slip"
      data-place="slip"
      tabIndex={-1}
      className="flex w-80 shrink-0 flex-col bg-paper shadow-[0_1px_4px_rgb(34_41_58/0.3)] max-[1100px]:w-72 max-[900px]:w-24"
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
  if (frame && frameScene) return <FrameSlip key={frame.id} frame={frame} scene={frameScene} />
  if (frames.length > 1) return <FramesSlip />
  return station === 'arrange' ? <ArrangeSlip /> : <DressSlip />
}
