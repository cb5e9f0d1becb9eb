import { useQueryClient } from '@tanstack/react-query'
import { Download, Trash2, X } from 'lucide-react'
import { client, data, type Make } from '../../../api/client'
import { sayBytes } from '../../../measure/bytes'
import { IconButton } from '../../../ui/Button'
import { Progress } from '../../../ui/Progress'

const when = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', hour: '2-digit', minute: '2-digit' })

/** A file being made, with its progress, or made, to be saved; it says whether the piece was changed since. */
export function MadeFile({ made, revision }: { made: Make; revision: number | undefined }) {
  const queries = useQueryClient()
  const busy = made.state === 'WAITING' || made.state === 'MAKING'
  const cancel = async () => {
    await data(client.POST('/api/makes/{id}/cancel', { params: { path: { id: made.id } } }))
    await queries.invalidateQueries({ queryKey: ['makes', made.pieceId] })
  }
  const remove = async () => {
    await data(client.DELETE('/api/makes/{id}', { params: { path: { id: made.id } } }))
    await queries.invalidateQueries({ queryKey: ['makes', made.pieceId] })
  }
  return (
    <li className="border border-line bg-paper p-2">
      {made.state === 'DONE' && (
        <div className="flex items-start gap-1">
          <div className="min-w-0 flex-1">
            {made.bytes === undefined ? (
              <p className="break-words text-soft">{made.fileName}: no longer kept; make it again</p>
            ) : (
              <a
                href={`/api/makes/${made.id}/file`}
                download
                className="flex gap-2 break-words text-woad hover:underline"
              >
                <Download size={18} className="mt-0.5 shrink-0" />
                <span className="min-w-0">{made.fileName}</span>
              </a>
            )}
            <p className="text-[13px] leading-5 text-soft">
              {when.format(new Date(made.createdAt))}
              {made.bytes !== undefined && `, ${sayBytes(made.bytes)}`}
            </p>
            {made.revision !== undefined && revision !== undefined && (
              <p className={`text-[13px] leading-5 ${made.revision === revision ? 'text-lichen' : 'text-ink'}`}>
                {made.revision === revision ? 'Shows the piece as it is now.' : 'The piece was changed since.'}
              </p>
            )}
          </div>
          <IconButton name={`Remove ${made.fileName ?? 'this file'}`} onClick={() => void remove()}>
            <Trash2 size={16} />
          </IconButton>
        </div>
      )}
      {busy && (
        <div className="flex items-center gap-2">
          <div className="min-w-0 flex-1">
            <p role="status" className="truncate text-[13px]">
              {made.request.kind}: {made.doing}, {Math.round(made.share * 100)} %
            </p>
            <Progress share={made.share} name="How much is made" />
          </div>
          <IconButton name="Stop making this file" onClick={() => void cancel()}>
            <X size={16} />
          </IconButton>
        </div>
      )}
      {made.state === 'FAILED' && (
        <p className="border-l-2 border-madder pl-2">
          {made.request.kind} not made: {made.message}
        </p>
      )}
      {made.state === 'CANCELLED' && <p className="text-soft">{made.request.kind}: stopped by you</p>}
    </li>
  )
}
