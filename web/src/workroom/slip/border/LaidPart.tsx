import type { Frame as FrameModel } from '../../piece/model'
import { useRoom } from '../../context'
import { useTrial } from '../../useTrial'
import { Part } from '../Part'
import { LaidFields } from './LaidFields'

/** How solid items are and how they lie on what is behind them, by themselves on the slip. */
export function LaidPart({ frames }: { frames: FrameModel[] }) {
  const { storedPage } = useRoom()
  const trial = useTrial()
  const ids = frames.map(({ id }) => id)
  const kept = storedPage.frames.find(({ id }) => id === ids.at(-1))
  if (!kept) return null
  return (
    <Part title="Solid or seen through" folded>
      <LaidFields kept={kept} itemIds={ids} trial={trial} />
    </Part>
  )
}
