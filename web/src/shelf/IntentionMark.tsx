import type { Intention } from './intentions'

/** Sheets in outline, as they would lie or hang. */
const SHAPES: Record<Intention['id'], string> = {
  wall: 'M3 7h34v26H3ZM7 11h11v8H7ZM21 11h12v18H21ZM7 22h11v7H7Z',
  canvases: 'M3 8h10v24H3ZM15 8h10v24H15ZM27 8h10v24H27ZM3 24l10-6M15 17l10-4M27 14l10 5',
  album: 'M20 11v21M20 11C15 8 9 8 3 9v21c6-1 12-1 17 2M20 11c5-3 11-3 17-2v21c-6-1-12-1-17 2M7 14h8v8H7Z',
  prices: 'M8 3h24v34H8ZM12 7h7v7h-7ZM21 7h7v7h-7ZM12 18h7v7h-7ZM21 18h7v7h-7ZM12 29h7M21 29h7M12 32h5M21 32h5',
  prints: 'M7 3h26v34H7ZM7 20h26M20 3v34M4 20h2M34 20h2M20 0v2M20 38v2',
  card: 'M4 10h32v20H4ZM8 14h14v12H8ZM26 16h6M26 20h6M26 24h4',
}

export function IntentionMark({ id }: { id: Intention['id'] }) {
  return (
    <svg aria-hidden width="40" height="40" viewBox="0 0 40 40" fill="none" className="shrink-0 text-woad">
      <path d={SHAPES[id]} stroke="currentColor" strokeWidth="1.3" strokeLinejoin="round" />
    </svg>
  )
}
