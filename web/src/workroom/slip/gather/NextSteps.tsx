import { useState } from 'react'
import { Button } from '../../../ui/Button'
import { NumberField } from '../../../fields/NumberField'
import { useRoom } from '../../context'

/** More than these are not composed on one page. */
export const MOST = 60
const SOME = [2, 4, 6, 9]

/** What can be done with the photos that wait, said in their numbers. */
export function NextSteps({ waiting }: { waiting: number }) {
  const { page, handle, select, goTo } = useRoom()
  const [copies, setCopies] = useState(1)
  const compose = async (each: number) => {
    const problem = await handle.edit({ kind: 'composeWaiting', pageId: page.id, each })
    if (problem) return
    select({ kind: 'page', pageId: page.id })
    goTo('arrange')
  }
  const some = SOME.filter((each) => each < waiting)
  return (
    <div role="group" aria-label="Place the photos" className="space-y-2">
      {waiting <= MOST && (
        <Button look="primary" className="w-full" onClick={() => void compose(waiting)}>
          {waiting === 1 ? 'On this page' : `All ${waiting} on this page`}
        </Button>
      )}
      {some.length > 0 && (
        <div className="flex items-center gap-1">
          {some.map((each) => (
            <Button
              key={each}
              className="flex-1 px-0!"
              aria-label={`${each} a page: ${Math.ceil(waiting / each)} pages`}
              title={`${Math.ceil(waiting / each)} pages`}
              onClick={() => void compose(each)}
            >
              {each}
            </Button>
          ))}
          <span className="pl-1 whitespace-nowrap">a page</span>
        </div>
      )}
      {waiting > 1 && (
        <Button className="w-full" onClick={() => void compose(1)}>
          One each on its own page
        </Button>
      )}
      <Button className="w-full" onClick={() => void handle.edit({ kind: 'flowEntries', copies })}>
        Flow {waiting} waiting into the frames
      </Button>
      {page.arrangement.kind === 'grid' && page.arrangement.cell && (
        <NumberField label="Copies of each" value={copies} min={1} max={99} onCommit={setCopies} />
      )}
    </div>
  )
}
