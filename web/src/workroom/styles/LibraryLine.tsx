import type { FrameStyle } from '../../api/client'
import { Button } from '../../ui/Button'
import { useRoom } from '../context'
import { sameStyle } from '../piece/styles'
import { useStyleLibrary } from './useStyleLibrary'

/** Whether a style is in the library, and how the piece's copy and the library's come together again where they differ. */
export function LibraryLine({ style }: { style: FrameStyle }) {
  const { handle } = useRoom()
  const { kept, keep } = useStyleLibrary()
  const there = kept.find(({ id }) => id === style.id)
  if (!there) {
    return (
      <Button className="w-full" onClick={() => void keep(style)}>
        Keep it in the library
      </Button>
    )
  }
  if (sameStyle(there, style))
    return <p className="text-[13px] leading-4 text-soft">Kept in the library, for all pieces.</p>
  return (
    <div role="group" aria-label="Differs from the library">
      <p className="pb-1 text-[13px] leading-4 text-soft">The library’s “{there.name}” is another by now.</p>
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => void handle.edit({ kind: 'setFrameStyle', style: there })}>Take the library’s</Button>
        <Button onClick={() => void keep(style)}>Change the library’s</Button>
      </div>
    </div>
  )
}
