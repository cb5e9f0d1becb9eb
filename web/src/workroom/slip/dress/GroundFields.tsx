import { useState } from 'react'
import type { Edit, Ground, Paint } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { useRoom } from '../../context'
import { PaintField } from '../../paint/PaintField'
import { useTrial } from '../../useTrial'
import { PhotoGround } from './PhotoGround'

type Whose = Extract<Edit, { kind: 'setCommonGround' }>['pages'] | 'THIS'

const WHOSE: Record<Whose, string> = {
  BOTH: 'all pages',
  RIGHT: 'right pages',
  LEFT: 'left pages',
  THIS: 'this page alone',
}

/** What lies below all else: on all pages, on left or right ones, or on the one that is seen. */
export function GroundFields() {
  const { stored, storedPage } = useRoom()
  const trial = useTrial()
  const { ground } = storedPage
  const { grounds } = stored.styles
  const several = stored.pages.length > 1
  const index = stored.pages.findIndex(({ id }) => id === storedPage.id)
  const side = index % 2 === 0 ? 'RIGHT' : 'LEFT'
  const [common, setCommon] = useState<Whose>(grounds.left ? side : 'BOTH')
  const whose = ground.kind === 'common' ? common : 'THIS'
  const paintFor = (pages: Whose) => (pages === 'LEFT' ? (grounds.left ?? grounds.usual) : grounds.usual)
  const value = ground.kind === 'covered' ? ground.paint : paintFor(whose)
  const own = (one: Ground): Edit => ({ kind: 'setGround', pageIds: [storedPage.id], ground: one })
  const edit = (paint: Paint): Edit =>
    whose === 'THIS' ? own({ kind: 'covered', paint }) : { kind: 'setCommonGround', ground: paint, pages: whose }
  const choose = (pages: Whose) => {
    if (pages !== 'THIS') setCommon(pages)
    if (pages === 'THIS' && whose !== 'THIS') trial.set(own({ kind: 'covered', paint: paintFor(side) }))
    if (pages !== 'THIS' && whose === 'THIS') trial.set(own({ kind: 'common' }))
  }
  return (
    <>
      {(several || whose === 'THIS') && (
        <Choice label="The ground of" options={WHOSE} value={whose} onChange={choose} />
      )}
      {ground.kind !== 'pictured' && (
        <PaintField
          what="Page"
          value={value}
          format={stored.format}
          onPreview={(paint) => trial.show(edit(paint))}
          onCommit={(paint) => trial.set(edit(paint))}
        />
      )}
      <PhotoGround
        ground={ground.kind === 'pictured' ? ground : undefined}
        beneath={value.colour}
        onPreview={(one) => trial.show(own(one))}
        onCommit={(one) => trial.set(own(one))}
      />
    </>
  )
}
