import type { EdgeRun } from '../../../api/client'
import { Choice } from '../../../fields/Choice'
import { ColourChoice } from '../../paint/ColourChoice'
import { useRoom } from '../../context'
import { useTrial } from '../../useTrial'

const KINDS: Record<EdgeRun['kind'], string> = {
  CONTINUED: 'the photo goes on',
  MIRRORED: 'the photo is mirrored at the cut',
  COLOURED: 'a colour',
}

/** What is printed beyond the trim of photos that touch it: cut away from a page, bent round the bars of a canvas. */
export function EdgeField() {
  const { stored } = useRoom()
  const trial = useTrial()
  const { edges } = stored.styles
  return (
    <>
      <Choice
        label="Beyond the trim"
        options={KINDS}
        value={edges.kind}
        onChange={(kind) => trial.set({ kind: 'setEdges', edges: { ...edges, kind } })}
      />
      {edges.kind === 'COLOURED' && (
        <ColourChoice
          label="Colour beyond the trim"
          value={edges.colour}
          onPreview={(colour) => trial.show({ kind: 'setEdges', edges: { ...edges, colour } })}
          onCommit={(colour) => trial.set({ kind: 'setEdges', edges: { ...edges, colour } })}
        />
      )}
    </>
  )
}
