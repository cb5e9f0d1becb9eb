import { Undo2 } from 'lucide-react'
import type { ReactNode } from 'react'
import { Button } from '../../../ui/Button'
import { WholeScreen } from '../../../ui/WholeScreen'
import { useRoom } from '../../context'

interface Props {
  name: string
  title: string
  /** What a key does there beside going back a step; whether it meant something. */
  onKey?: (key: string) => boolean
  onClose: () => void
  /** What is done at the end, where nothing is stored before. */
  finish?: { name: string; onFinish: () => void; disabled?: boolean }
  tools: ReactNode
  /** What is worked on; as large as it has room. */
  children: ReactNode
}

/** A photo that is worked on by hand, on the whole window: tools at the left, the photo beside them. */
export function WorkSheet({ name, title, onKey, onClose, finish, tools, children }: Props) {
  const { handle } = useRoom()
  const key = (pressed: string) => {
    if (onKey?.(pressed)) return true
    if (finish || pressed.toLowerCase() !== 'z') return false
    handle.undo()
    return true
  }
  return (
    <WholeScreen name={name} onClose={onClose} onKey={key}>
      <div className="flex min-h-0 flex-1">
        <div className="flex w-70 shrink-0 flex-col gap-3 overflow-y-auto bg-paper p-4">
          <h2 className="font-semibold">{title}</h2>
          {tools}
          <div className="mt-auto grid grid-cols-2 gap-2">
            {finish ? (
              <Button onClick={onClose}>Cancel</Button>
            ) : (
              <Button onClick={handle.undo}>
                <Undo2 size={16} /> Undo (Z)
              </Button>
            )}
            <Button look="primary" disabled={finish?.disabled} onClick={finish?.onFinish ?? onClose}>
              {finish?.name ?? 'Done'}
            </Button>
          </div>
        </div>
        <div className="grid min-w-0 flex-1 place-items-center p-6 pt-12" style={{ containerType: 'size' }}>
          {children}
        </div>
      </div>
    </WholeScreen>
  )
}
