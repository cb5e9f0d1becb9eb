import { BookOpenCheck, Grid2x2, Images, Palette, Printer } from 'lucide-react'
import type { ComponentType } from 'react'

export type Step = 'gather' | 'arrange' | 'dress' | 'check' | 'make'

export const STEPS: { step: Step; name: string; Icon: ComponentType<{ size?: number }> }[] = [
  { step: 'gather', name: 'Gather', Icon: Images },
  { step: 'arrange', name: 'Arrange', Icon: Grid2x2 },
  { step: 'dress', name: 'Dress', Icon: Palette },
  { step: 'check', name: 'Check', Icon: BookOpenCheck },
  { step: 'make', name: 'Make', Icon: Printer },
]

/** The five steps of the work, in its usual order and all open at any time, strung on one thread. */
export function Rail({ step, onStep }: { step: Step; onStep: (step: Step) => void }) {
  return (
    <nav aria-label="Steps" className="row-span-2 border-r border-line">
      <ol className="relative flex flex-col py-3">
        <span aria-hidden className="absolute top-8 bottom-8 left-1/2 border-l border-line" />
        {STEPS.map(({ step: one, name, Icon }, index) => (
          <li key={one} className="relative flex justify-center py-1.5">
            <button
              aria-current={one === step ? 'step' : undefined}
              aria-keyshortcuts={String(index + 1)}
              title={`${name} (${index + 1})`}
              onClick={() => onStep(one)}
              className={`flex w-16 flex-col items-center gap-1 py-2 text-[13px] ${one === step ? 'bg-woad font-semibold text-on-woad' : 'bg-linen hover:bg-wash'}`}
            >
              <Icon size={20} />
              {name}
            </button>
          </li>
        ))}
      </ol>
    </nav>
  )
}
