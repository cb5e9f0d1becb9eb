import { UsersRound } from 'lucide-react'
import { useState } from 'react'
import { OneOf } from '../../../fields/OneOf'
import { Wrong } from '../../../fields/Wrong'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'

// Keys that look like numbers would come first.
const ROWS = { suits: 'As suits', '1 row': '1', '2 rows': '2', '3 rows': '3' }

type Rows = keyof typeof ROWS

/** One picture of what several photos show, as if it stood together. */
export function StandTogether({ frameIds }: { frameIds: string[] }) {
  const { page, handle } = useRoom()
  const [rows, setRows] = useState<Rows>('suits')
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const stand = async () => {
    setBusy(true)
    const problem = await handle.edit(
      {
        kind: 'standTogether',
        pageId: page.id,
        itemIds: frameIds,
        rows: rows === 'suits' ? undefined : Number.parseInt(rows, 10),
      },
      { quiet: true },
    )
    setWrong(problem?.message)
    setBusy(false)
  }
  return (
    <div className="border-t border-line py-2">
      <p className="pb-1 text-[13px] text-soft">Rows</p>
      <OneOf label="Rows" options={ROWS} value={rows} onChange={setRows} />
      <Button className="mt-2 w-full" disabled={busy} onClick={() => void stand()}>
        <UsersRound size={16} /> {busy ? 'Cutting them out …' : 'Stand them together'}
      </Button>
      <p className="pt-1 text-[13px] leading-4 text-soft">
        People, or what is cut out: alike in size and light, feet on a line, without borders; those behind stand higher.
      </p>
      {wrong && <Wrong>{wrong}</Wrong>}
    </div>
  )
}
