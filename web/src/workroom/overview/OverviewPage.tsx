import { Pin, TriangleAlert } from 'lucide-react'
import type { PageSummary } from '../../api/client'
import { useDragging } from '../../drag/DragProvider'
import { useDropTarget } from '../../drag/useDropTarget'
import type { useChosen } from '../../light-table/useChosen'
import { useRoomNow } from '../context'
import { movePagesTo } from '../run/movePages'
import { runPicture } from '../run/runPicture'

interface Props {
  pieceId: string
  page: PageSummary
  index: number
  size: { width: number; height: number }
  /** Its picture in the run. */
  small: string
  /** The chapter that begins on it. */
  begins: string | undefined
  /** All chosen pages, if it is one of them. */
  chosen: string[] | undefined
  /** Whether it was found; nothing while nothing is looked for. */
  found: boolean | undefined
  onBench: boolean
  onGo: (pageId: string) => void
  onChoose: ReturnType<typeof useChosen>['choose']
  onRemove: () => void
}

/** A page among all: pressed it is chosen, pressed twice it lies on the bench, dragged it moves with the others that are chosen. */
export function OverviewPage(props: Props) {
  const { pieceId, page, index, size, small, begins, chosen, found, onBench, onGo, onChoose, onRemove } = props
  const room = useRoomNow()
  const { start } = useDragging()
  const { over, properties } = useDropTarget(`overview:${page.id}`, (cargo) => {
    if (cargo.kind === 'pages') movePagesTo(room(), cargo.pageIds, page.id)
  })
  const picture = runPicture(pieceId, page, size)
  const pageIds = chosen ?? [page.id]
  const moveBy = (by: number) =>
    void room().handle.edit(({ piece }) => {
      const order = piece.pages.map(({ id }) => id)
      const at =
        order.filter(
          (id) => !pageIds.includes(id) && order.indexOf(id) < order.findIndex((one) => pageIds.includes(one)),
        ).length + by
      return at < 0 || at > order.length - pageIds.length ? null : { kind: 'movePages', pageIds, index: at }
    })
  return (
    <div className={`flex flex-col items-center px-px ${found === false ? 'opacity-35' : ''}`}>
      <button
        {...properties}
        type="button"
        aria-label={`Page ${index + 1}${begins ? `, ${begins}` : ''}`}
        aria-pressed={chosen !== undefined}
        aria-current={onBench ? 'page' : undefined}
        onClick={(event) => onChoose(page.id, event.shiftKey ? 'through' : 'more')}
        onDoubleClick={() => onGo(page.id)}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key]
          if (event.key === 'Enter') onGo(page.id)
          else if (event.key === 'Delete' && chosen) onRemove()
          else if (by && event.altKey) moveBy(by)
          else if (by) neighbour(event.currentTarget, by)?.focus()
          else return
          event.preventDefault()
        }}
        onPointerDown={(event) => {
          if (event.pointerType === 'mouse') event.preventDefault()
          start(event, { kind: 'pages', pageIds, picture }, picture)
        }}
        className={`relative block bg-paper ${chosen ? 'z-10 outline-3 outline-woad' : 'outline-1 outline-line hover:outline-woad'} ${over ? 'outline-3 outline-lichen' : ''}`}
        style={size}
      >
        {page.damaged ? (
          <TriangleAlert aria-label={`Page ${index + 1} cannot be read`} size={20} className="m-auto text-madder" />
        ) : (
          <>
            {/* The run's small one is there at once, until the fine one is drawn. */}
            <img alt="" src={small} className="absolute inset-0 size-full" draggable={false} />
            <img alt="" src={picture} className="relative block size-full" draggable={false} />
          </>
        )}
      </button>
      <span
        className={`mt-1 flex max-w-full items-center gap-1 text-[13px] leading-4 ${onBench ? 'font-semibold text-woad' : 'text-soft'}`}
        style={{ maxWidth: size.width }}
      >
        {index + 1}
        {page.flow === 'PINNED' && <Pin size={12} aria-label="pinned" className="shrink-0" />}
        {begins && <span className="truncate text-ink">{begins}</span>}
      </span>
    </div>
  )
}

function neighbour(button: HTMLElement, by: number) {
  const all = [...(button.closest('ol')?.querySelectorAll<HTMLElement>('button[aria-pressed]') ?? [])]
  return all[all.indexOf(button) + by]
}
