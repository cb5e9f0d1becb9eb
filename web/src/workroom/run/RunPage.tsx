import { Pin } from 'lucide-react'
import { TriangleAlert } from 'lucide-react'
import { memo } from 'react'
import type { PageSummary } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import { useRoomNow } from '../context'
import { movePagesTo } from './movePages'
import { runPicture } from './runPicture'

interface Props {
  pieceId: string
  page: PageSummary
  index: number
  size: { width: number; height: number }
  /** Whether it lies on the bench. */
  selected: boolean
}

/** A page in the run: press to lay it on the bench, drag it to another place. It is drawn anew only when it looks different. */
export const RunPage = memo(function RunPage({ pieceId, page, index, size, selected }: Props) {
  const room = useRoomNow()
  const { start } = useDragging()
  const { over, properties } = useDropTarget(`page:${page.id}`, (cargo) => {
    if (cargo.kind === 'pages') movePagesTo(room(), cargo.pageIds, page.id)
  })
  const picture = runPicture(pieceId, page, size)
  return (
    <div className="flex flex-col items-center px-px">
      <button
        {...properties}
        aria-label={`Page ${index + 1}`}
        aria-current={selected ? 'page' : undefined}
        onClick={() => room().select({ kind: 'page', pageId: page.id })}
        onKeyDown={(event) => {
          const by =
            event.key === 'ArrowLeft' || event.key === 'ArrowUp'
              ? -1
              : event.key === 'ArrowRight' || event.key === 'ArrowDown'
                ? 1
                : 0
          if (!by || !event.altKey) return
          event.preventDefault()
          const to = index + by
          const { piece, handle } = room()
          if (to >= 0 && to < piece.pages.length) void handle.edit({ kind: 'movePages', pageIds: [page.id], index: to })
        }}
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'pages', pageIds: [page.id], picture }, picture)
        }}
        className={`block bg-paper ${selected ? 'relative z-10 outline-2 outline-offset-0 outline-woad' : 'outline-1 outline-line hover:outline-woad'} ${over ? 'outline-3 outline-woad' : ''}`}
        style={size}
      >
        {page.damaged ? (
          <TriangleAlert aria-label={`Page ${index + 1} cannot be read`} size={20} className="m-auto text-madder" />
        ) : (
          <img alt="" src={picture} className="block size-full" draggable={false} />
        )}
      </button>
      <span className={`mt-1 text-[13px] leading-4 ${selected ? 'font-semibold text-woad' : 'text-soft'}`}>
        {index + 1}
        {page.flow === 'PINNED' && <Pin size={12} aria-label="pinned" className="ml-1 inline" />}
      </span>
    </div>
  )
})
