import type { Proposal } from '../../api/client'

const percent = (share: number) => (share > 0 && share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`)

const LARGE: Record<NonNullable<Proposal['large']>, string> = {
  LEFT: 'One large left',
  RIGHT: 'One large right',
  TOP: 'One large above',
  BOTTOM: 'One large below',
  MIDDLE: 'One large in the middle',
}
const NUMBERS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
const inWords = (count: number) => NUMBERS[count] ?? String(count)

const capital = (text: string) => text.replace(/^./, (first) => first.toUpperCase())

/** What is seen of it at a glance. */
function shapeOf({ kind, order, larger, large }: Proposal): string {
  const lines = kind === 'ROWS' ? ' in rows' : kind === 'COLUMNS' ? ' in columns' : ''
  const others = (count: number) => `${inWords(count)}${lines || ' around'}`
  if (large) return `${LARGE[large]}, ${others(order.length - 1)}`
  if (larger > 0) return `${capital(inWords(larger))} large, ${others(order.length - larger)}`
  return `${capital(inWords(order.length))}${lines || ' of like size'}`
}

/** Named by its shape, and what it costs the photos. */
export function saidOf(proposal: Proposal): string {
  const { arrangement, lost, covered } = proposal
  const whole = arrangement.kind === 'slicing' && arrangement.whole
  const cropped = lost === 0 ? 'nothing cropped' : `${percent(lost)} cropped`
  const said = `${shapeOf(proposal)}; ${cropped}`
  return whole && covered <= 0.995 ? `${said}, ${percent(covered)} of the page` : said
}
