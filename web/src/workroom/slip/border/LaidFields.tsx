import { Choice } from '../../../fields/Choice'
import { PercentSlider } from '../../../fields/PercentSlider'
import type { Frame } from '../../piece/model'
import { onPage } from '../../piece/usePiece'
import { useRoom } from '../../context'
import type { useTrial } from '../../useTrial'
import { BEGINS, FadingFields } from './FadingFields'

const BLENDS: Record<Frame['blend'], string> = {
  NORMAL: 'covers it',
  MULTIPLY: 'as stained glass: darker',
  SCREEN: 'as light: lighter',
  OVERLAY: 'deepens dark and light',
  SOFT_LIGHT: 'as a soft lamp',
  DARKEN: 'only where it is darker',
  LIGHTEN: 'only where it is lighter',
}

interface Props {
  /** As it is stored. */
  kept: Frame
  itemIds: string[]
  trial: ReturnType<typeof useTrial>
}

/** How solid items are and where they grow faint, and how they lie on what is behind them. */
export function LaidFields({ kept, itemIds, trial }: Props) {
  const { storedPage } = useRoom()
  const patch = { kind: 'patchItems' as const, pageId: storedPage.id, itemIds }
  const solid = (opacity: number) => ({ ...patch, change: { kind: 'setOpacity' as const, opacity } })
  const faint = (fading: Frame['fading']) => ({ ...patch, change: { kind: 'setFading' as const, fading } })
  return (
    <>
      <div className="grid grid-cols-2 gap-2">
        <PercentSlider
          label="Solid"
          value={kept.opacity}
          onPreview={(opacity) => trial.show(solid(opacity))}
          onCommit={(opacity) => trial.set(solid(opacity))}
        />
        <Choice
          label="On what is behind"
          options={BLENDS}
          value={kept.blend}
          onChange={(blend) => trial.set({ ...patch, change: { kind: 'setBlend', blend } })}
        />
      </div>
      <FadingFields
        fading={kept.fading}
        onPreview={(fading) => trial.show(faint(fading))}
        onCommit={(change) =>
          trial.set(
            onPage(storedPage.id, ({ frames }) =>
              faint(change(frames.find(({ id }) => id === kept.id)?.fading ?? BEGINS.SIDE)),
            ),
          )
        }
      />
    </>
  )
}
