import { useState } from 'react'
import { client, data, type Frame, Problem } from '../../api/client'
import { say } from '../../measure/units'
import { Button } from '../../ui/Button'
import { Field, inputLook } from '../../ui/Field'
import { useRoom } from '../context'
import { spotsOf } from '../frames/spots'
import { partsOfSize } from '../frames/sizeText'

/** One size for all selected frames, typed as it is said: 7 × 5 in. Or the first one's. */
export function SizeField({ frames }: { frames: Frame[] }) {
  const { piece, page, scene, handle } = useRoom()
  const [draft, setDraft] = useState<string>()
  const [wrong, setWrong] = useState<string>()
  const { format } = piece
  const spots = scene ? spotsOf(frames, scene).map(({ spot }) => spot) : []
  const first = spots[0]
  const same = first && spots.every(({ width, height }) => width === first.width && height === first.height)
  const shown = draft ?? (same ? `${say(first.width, format)} × ${say(first.height, format)}` : '')

  const size = async (width: number, height: number) => {
    const frameIds = frames.map(({ id }) => id)
    const problem = await handle.edit({ kind: 'sizeFrames', pageId: page.id, frameIds, width, height }, { quiet: true })
    setWrong(problem?.message)
    if (!problem) setDraft(undefined)
  }
  const take = async (text: string) => {
    const parts = partsOfSize(text)
    if (!parts) return setWrong('Two lengths with × between them, such as 7 × 5 in')
    try {
      const [width, height] = await Promise.all(
        parts.map((part) =>
          data(
            client.GET('/api/measure/length', {
              params: { query: { text: part, unit: format.unit, ppi: format.resolution } },
            }),
          ),
        ),
      )
      if (width && height) await size(width.length, height.length)
    } catch (problem) {
      setWrong(problem instanceof Problem ? problem.message : String(problem))
    }
  }
  return (
    <>
      <Field label="Width × height" wrong={wrong} hint={same || draft !== undefined ? undefined : 'They differ now.'}>
        {(ids) => (
          <input
            {...ids}
            className={inputLook}
            value={shown}
            placeholder="7 × 5 in"
            onChange={(event) => setDraft(event.target.value)}
            onBlur={() => draft !== undefined && void take(draft)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') void take(shown)
              else if (event.key === 'Escape') {
                setDraft(undefined)
                setWrong(undefined)
              } else return
              event.stopPropagation()
            }}
          />
        )}
      </Field>
      {first && !same && (
        <Button className="mt-2 w-full" onClick={() => void size(first.width, first.height)}>
          All as large as the first
        </Button>
      )}
    </>
  )
}
