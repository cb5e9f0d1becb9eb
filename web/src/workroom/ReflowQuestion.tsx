import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react'
import { Button } from '../ui/Button'
import type { Question } from './piece/usePiece'

/** Asks before photos flow to other pages, with what it comes to. */
export function ReflowQuestion({ question }: { question: Question | null }) {
  return (
    <Dialog open={question !== null} onClose={() => question?.leave()} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/30" />
      <div className="fixed inset-0 flex items-center justify-center p-6">
        <DialogPanel className="w-full max-w-sm border border-line bg-linen p-6 shadow-lg">
          <DialogTitle className="mb-2 text-base font-semibold">Photos flow to other pages</DialogTitle>
          <p className="mb-1">{question?.message}</p>
          <p className="mb-5 text-soft">They keep their order, crops and words. Undo takes it back in one step.</p>
          <div className="flex justify-end gap-2">
            <Button onClick={() => question?.leave()}>Leave it as it is</Button>
            <Button look="primary" onClick={() => question?.agree()}>
              Let them flow
            </Button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  )
}
