import type { Step } from '../Rail'
import { ArrangeDrawer } from './arrange/ArrangeDrawer'
import { CheckDrawer } from './CheckDrawer'
import { DressDrawer } from './DressDrawer'
import { GatherDrawer } from './GatherDrawer'
import { MakeDrawer } from './MakeDrawer'

const TITLES: Record<Step, string> = {
  gather: 'Gather photos',
  arrange: 'Arrange',
  dress: 'Dress',
  check: 'Check',
  make: 'Make a file',
}

/** What the chosen step offers. */
export function Drawer({ step }: { step: Step }) {
  return (
    <section aria-label={TITLES[step]} className="flex flex-col overflow-hidden border-r border-line">
      <h2 className="px-4 pt-3 pb-2 text-base font-semibold">{TITLES[step]}</h2>
      <div className="min-h-0 flex-1 overflow-y-auto px-4 pb-4">
        {step === 'gather' && <GatherDrawer />}
        {step === 'arrange' && <ArrangeDrawer />}
        {step === 'dress' && <DressDrawer />}
        {step === 'check' && <CheckDrawer />}
        {step === 'make' && <MakeDrawer />}
      </div>
    </section>
  )
}
