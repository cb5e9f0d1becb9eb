import { wordsOf } from '../../../api/client'
import { lengthOf } from '../../../measure/lengthOf'
import { say } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { TakenField } from '../../../fields/TakenField'
import { useRoom } from '../../context'
import type { Frame } from '../../piece/model'
import { partsOfSize } from '../../frames/sizeText'
import { spotsOf } from '../../frames/spots'

/** One size for all selected frames, typed as it is said: 7 × 5 in. Or the first one's. */
export function SizeField({ frames }: { frames: Frame[] }) {
  const { piece, page, scene, handle } = useRoom()
  const { format } = piece
  const spots = scene ? spotsOf(frames, scene).map(({ spot }) => spot) : []
  const first = spots[0]
  const same = first && spots.every(({ width, height }) => width === first.width && height === first.height)

  const size = async (width: number, height: number) => {
    const itemIds = frames.map(({ id }) => id)
    const problem = await handle.edit({ kind: 'sizeItems', pageId: page.id, itemIds, width, height }, { quiet: true })
    return problem?.message
  }
  const take = async (text: string) => {
    const parts = partsOfSize(text)
    if (!parts) return 'Two lengths with × between them, such as 7 × 5 in'
    try {
      return await size(await lengthOf(parts[0], format), await lengthOf(parts[1], format))
    } catch (problem) {
      return wordsOf(problem)
    }
  }
  return (
    <>
      <TakenField
        label="Width × height"
        value={same ? `${say(first.width, format)} × ${say(first.height, format)}` : ''}
        hint={same ? undefined : 'They differ now.'}
        placeholder="7 × 5 in"
        onTake={take}
      />
      {first && !same && (
        <Button className="mt-2 w-full" onClick={() => void size(first.width, first.height)}>
          All as large as the first
        </Button>
      )}
    </>
  )
}
