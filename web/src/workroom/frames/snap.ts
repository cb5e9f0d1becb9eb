import type { Box, Guide, Margins, PageScene } from '../../api/client'
import { boundsAround } from './spots'

/** What a moving frame can be set to, all in page millimetres. */
export interface Surroundings {
  width: number
  height: number
  margins: Margins
  guides: Guide[]
  /** The upright boxes of the frames that do not move. */
  others: Box[]
}

/** A line to which a frame was set. */
export interface SnapLine {
  upright: boolean
  at: number
}

/** A distance that is shown while dragging: from and to along the way, at across it. */
export interface Distance {
  upright: boolean
  from: number
  to: number
  at: number
  equal?: boolean
}

interface Span {
  from: number
  to: number
}

const NEAR = 0.002

const span = (box: Box, across: boolean): Span =>
  across ? { from: box.x, to: box.x + box.width } : { from: box.y, to: box.y + box.height }
const middle = ({ from, to }: Span) => (from + to) / 2
const overlap = (a: Span, b: Span) => a.from < b.to && b.from < a.to

/** Lines for edges, and lines for centres: a guide is both. */
function stops(around: Surroundings, across: boolean) {
  const { margins, guides, others } = around
  const end = across ? around.width : around.height
  const [before, after] = across ? [margins.left, margins.right] : [margins.top, margins.bottom]
  const lines = guides.filter(({ direction }) => (direction === 'UPRIGHT') === across).map(({ at }) => at / 1000)
  const spans = others.map((box) => span(box, across))
  return {
    edges: [0, end, before / 1000, end - after / 1000, ...lines, ...spans.flatMap(({ from, to }) => [from, to])],
    centres: [end / 2, ...lines, ...spans.map(middle)],
  }
}

/** Places with the same gap as beside two others: between them, or on in their row. */
function evenPlaces(box: Box, around: Surroundings, across: boolean): number[] {
  const own = span(box, across)
  const size = own.to - own.from
  const beside = around.others
    .filter((other) => overlap(span(other, !across), span(box, !across)))
    .map((other) => span(other, across))
    .toSorted((a, b) => a.from - b.from)
  const starts: number[] = []
  for (let i = 1; i < beside.length; i++) {
    const [a, b] = [beside[i - 1], beside[i]]
    if (!a || !b) continue
    const gap = b.from - a.to
    if (gap > size) starts.push(a.to + (gap - size) / 2)
    if (gap > NEAR) starts.push(b.to + gap, a.from - gap - size)
  }
  return starts
}

function snapAlong(box: Box, around: Surroundings, across: boolean, reach: number): { by: number; lines: SnapLine[] } {
  const own = span(box, across)
  const { edges, centres } = stops(around, across)
  const moves = [
    ...edges.flatMap((at) => [at - own.from, at - own.to]),
    ...centres.map((at) => at - middle(own)),
    ...evenPlaces(box, around, across).map((start) => start - own.from),
  ]
  let by = 0
  let best = reach
  for (const move of moves) {
    if (Math.abs(move) <= best) {
      best = Math.abs(move)
      by = move
    }
  }
  const at = { from: own.from + by, to: own.to + by }
  const meets = (line: number, point: number) => Math.abs(line - point) < NEAR
  const lines = [
    ...edges.filter((line) => meets(line, at.from) || meets(line, at.to)),
    ...centres.filter((line) => meets(line, middle(at))),
  ]
  return {
    by,
    lines: [...new Set(lines.map((line) => Number(line.toFixed(3))))].map((at) => ({ upright: across, at })),
  }
}

/** How far to shift a box so that it meets what lies within reach, and the lines that it then meets. */
export function snapMove(box: Box, around: Surroundings, reach: number) {
  const across = snapAlong(box, around, true, reach)
  const down = snapAlong(box, around, false, reach)
  return { dx: across.by, dy: down.by, lines: [...across.lines, ...down.lines] }
}

/** How far to shift one edge of a box: to a line, or to where the box is as large as another. */
export function snapEdge(box: Box, side: -1 | 1, across: boolean, around: Surroundings, reach: number) {
  const own = span(box, across)
  const edge = side < 0 ? own.from : own.to
  const fixed = side < 0 ? own.to : own.from
  const sizes = around.others.map((other) => (across ? other.width : other.height))
  const lines = stops(around, across).edges
  const moves = [...lines, ...sizes.map((size) => fixed + side * size)].map((at) => at - edge)
  const by = moves.reduce((best, move) => (Math.abs(move) < Math.abs(best) ? move : best), Infinity)
  if (Math.abs(by) > reach) return { by: 0, lines: [] }
  return {
    by,
    lines: lines.filter((line) => Math.abs(line - edge - by) < NEAR).map((at) => ({ upright: across, at })),
  }
}

/** The distance that spans from one box to another, half way along the stretch where both are. */
function between(from: number, to: number, one: Box, other: Box, across: boolean): Distance {
  const [a, b] = [span(one, !across), span(other, !across)]
  const at = middle({ from: Math.max(a.from, b.from), to: Math.min(a.to, b.to) })
  return { upright: !across, from, to, at }
}

/** The distances to the nearest frame on each side, or to the page's edge where there is none; and gaps as wide in the same row. */
export function distances(box: Box, around: Surroundings): Distance[] {
  return [true, false].flatMap((across) => {
    const own = span(box, across)
    const beside = around.others
      .filter((other) => overlap(span(other, !across), span(box, !across)))
      .toSorted((one, other) => span(one, across).from - span(other, across).from)
    const spans = beside.map((other) => span(other, across))
    const before = Math.max(0, ...spans.filter(({ to }) => to <= own.from + NEAR).map(({ to }) => to))
    const end = across ? around.width : around.height
    const after = Math.min(end, ...spans.filter(({ from }) => from >= own.to - NEAR).map(({ from }) => from))
    const at = middle(span(box, !across))
    const mine = [
      { upright: !across, from: before, to: own.from, at },
      { upright: !across, from: own.to, to: after, at },
    ].filter(({ from, to }) => to - from > NEAR)
    const theirs = beside.slice(1).flatMap((other, index) => {
      const one = beside[index]
      const [from, to] = [one && span(one, across).to, span(other, across).from]
      const apart = one && from !== undefined && to - from > NEAR && (to <= own.from + NEAR || from >= own.to - NEAR)
      return apart ? [between(from, to, one, other, across)] : []
    })
    const same = (one: Distance, other: Distance) => Math.abs(one.to - one.from - (other.to - other.from)) < NEAR
    const alike = (one: Distance, all: Distance[]) => all.some((other) => other !== one && same(one, other))
    return [
      ...mine.map((one) => ({ ...one, equal: alike(one, [...mine, ...theirs]) })),
      ...theirs.filter((one) => alike(one, mine)).map((one) => ({ ...one, equal: true })),
    ]
  })
}

/** Frames that are as wide, or as high, as this one, each with that measure across its middle. */
export const sameSizes = (box: Box, around: Surroundings, across: boolean): Distance[] =>
  around.others
    .filter((other) => Math.abs(across ? other.width - box.width : other.height - box.height) < NEAR)
    .map((other) => ({ upright: !across, ...span(other, across), at: middle(span(other, !across)), equal: true }))

export const surroundings = (
  scene: PageScene,
  page: { arrangement: { margins: Margins }; guides: Guide[] },
  moving: string[],
): Surroundings => ({
  width: scene.widthMm,
  height: scene.heightMm,
  margins: page.arrangement.margins,
  guides: page.guides,
  others: scene.frames
    .filter(({ frameId }) => !moving.includes(frameId))
    .map(({ turnDegrees, box }) => boundsAround(box, turnDegrees)),
})
