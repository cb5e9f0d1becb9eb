import { UsersRound } from 'lucide-react'
import { useState } from 'react'
import { Wrong } from '../../../fields/Wrong'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'

/** One picture of what several photos show, as if it stood together. */
export function StandTogether({ frameIds }: { frameIds: string[] }) {
  const { page, handle } = useRoom()
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const stand = async () => {
    setBusy(true)
    const problem = await handle.edit({ kind: 'standTogether', pageId: page.id, itemIds: frameIds }, { quiet: true })
    setWrong(problem?.message)
    setBusy(false)
  }
  return (
    <div className="border-t border-line py-2">
      <Button className="w-full" disabled={busy} onClick={() => void stand()}>
        <UsersRound size={16} /> {busy ? 'Cutting them out …' : 'Stand them together'}
      </Button>
      <p className="pt-1 text-[13px] leading-4 text-soft">
        People, or what is cut out: alike in size and light, feet on one line, without borders.
      </p>
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  )
}
