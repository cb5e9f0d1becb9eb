import { useQuery, useQueryClient } from '@tanstack/react-query'
import { CircleAlert, CircleCheck, TriangleAlert } from 'lucide-react'
import { client, data, type SharpnessLimits } from '../../../api/client'
import { NumberField } from '../../../fields/NumberField'
import { useSharpness } from '../../../measure/useSharpness'
import { useRoom } from '../../context'
import { Part } from '../Part'

export function CheckSlip() {
  const { piece, handle, select } = useRoom()
  const revision = handle.open?.revision
  const found = useQuery({
    queryKey: ['check', piece.id, revision],
    queryFn: () => data(client.GET('/api/pieces/{id}/check', { params: { path: { id: piece.id } } })),
    placeholderData: (before) => before,
  }).data?.findings
  const findings = (found ?? []).toSorted((a, b) => Number(b.grave) - Number(a.grave))
  return (
    <>
      <Part
        title={
          !found
            ? 'Looking over the pages …'
            : findings.length === 0
              ? 'Nothing found'
              : `${findings.length} to look at`
        }
      >
        {found?.length === 0 && (
          <p className="flex gap-2 text-lichen">
            <CircleCheck size={20} className="shrink-0" /> Every frame has a photo, sharp at its size; words fit, can be
            read and keep from the knife.
          </p>
        )}
        <ul className="space-y-1">
          {findings.map(({ grave, pageId, frameId, page, frame, what }) => (
            <li key={`${frameId}${what}`}>
              <button
                className="flex w-full gap-2 border border-edge bg-paper p-2 text-left hover:border-woad"
                onClick={() => select({ kind: 'frame', pageId, frameId })}
              >
                {grave ? (
                  <CircleAlert size={18} className="mt-0.5 shrink-0 text-madder" aria-label="Will go wrong" />
                ) : (
                  <TriangleAlert size={18} className="mt-0.5 shrink-0 text-weld-ink" aria-label="Look at this" />
                )}
                <span>
                  <span className="font-semibold">
                    Page {page}, frame {frame}
                  </span>{' '}
                  {what}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </Part>
      <Limits />
    </>
  )
}

function Limits() {
  const { handle, piece } = useRoom()
  const queries = useQueryClient()
  const limits = useSharpness()
  if (!limits) return null
  const set = async (body: SharpnessLimits) => {
    queries.setQueryData(['sharpness'], await data(client.PUT('/api/settings/sharpness', { body })))
    await queries.invalidateQueries({ queryKey: ['check'] })
    await handle.reload()
  }
  return (
    <Part title="Sharpness, for all pieces">
      <NumberField
        label="Look at it below"
        suffix="ppi"
        value={limits.warnPpi}
        min={limits.alarmPpi}
        max={2400}
        onCommit={(warnPpi) => void set({ ...limits, warnPpi })}
      />
      <NumberField
        label="Goes wrong below"
        suffix="ppi"
        value={limits.alarmPpi}
        min={1}
        max={limits.warnPpi}
        onCommit={(alarmPpi) => void set({ ...limits, alarmPpi })}
      />
      {piece.format.unit === 'PX' && (
        <p className="text-[13px] text-soft">On pages of pixels, as here, a photo is sharp with as many as the page.</p>
      )}
    </Part>
  )
}
