import { type PointerEvent, useState } from 'react'
import type { Box, Edit, Grid, PageScene, Track } from '../../../api/client'
import { LengthField } from '../../../measure/LengthField'
import { inUnit, say } from '../../../measure/units'
import { gridFor, withMargins } from '../../piece/arrangement'
import { useRoom } from '../../context'
import { followPointer } from '../../frames/pointerDrag'
import { boundsAround } from '../../frames/spots'
import { moveOf, type Page } from '../../piece/model'
import { across, down, marginsAcross, marginsDown, type Measured, type Stretch } from './dimensions'
import { frameAcross, frameDown, spotWith } from './frameDimensions'
import type { BenchScale } from '../useBenchScale'

const NAMES: Record<Measured, string> = {
  pageWidth: 'Page width',
  pageHeight: 'Page height',
  cellWidth: 'Cell width',
  cellHeight: 'Cell height',
  columnGap: 'Gap between columns',
  rowGap: 'Gap between rows',
  top: 'Top margin',
  right: 'Right margin',
  bottom: 'Bottom margin',
  left: 'Left margin',
  frameLeft: 'Left of the frame',
  frameWidth: 'Width of the frame',
  frameRight: 'Right of the frame',
  frameTop: 'Above the frame',
  frameHeight: 'Height of the frame',
  frameBottom: 'Below the frame',
}
/** Distance of the two tiers of lines from the bleed's edge. */
const OUTER = 44
const INNER = 24
/** A number too long for its stretch stands between its line and the page. */
const BESIDE = 13
const LABEL_PX = 50

interface Props {
  scale: BenchScale
  scene: PageScene
  /** How much farther to the left the upright lines stand, pixels: a page lies there. */
  aside?: number
}

/** Page, margins, cells and gaps as a workshop drawing shows them; each number is a button that opens a field. */
export function DimensionLines({ scale, scene, aside = 0 }: Props) {
  const { page, storedPage, piece, handle, frame, frameScene } = useRoom()
  const [editing, setEditing] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string>()
  const s = scale.pixelsPerMm
  const bleed = scene.bleedMm * s
  const { format } = piece
  const { arrangement } = page
  // Of a frame that no row and column measures, its own size and distances are what serves now.
  const own =
    frame && frameScene && !frame.across && (frame.spot || arrangement.kind !== 'grid') ? frameScene : undefined
  const spot = storedPage.frames.find(({ id }) => id === frame?.id)?.spot
  const fixed = own !== undefined && (!spot || frame?.locked === true)
  const stretches = own
    ? { across: frameAcross(scene, own), down: frameDown(scene, own) }
    : arrangement.kind === 'grid'
      ? { across: across(scene, arrangement), down: down(scene, arrangement) }
      : { across: marginsAcross(scene, arrangement.margins), down: marginsDown(scene, arrangement.margins) }

  const edit = (stretch: Stretch, length: number): Edit =>
    own && spot && stretch.measured?.startsWith('frame')
      ? { kind: 'moveItems', pageId: page.id, moves: [moveOf(own.frameId, spotWith(spot, stretch, length))] }
      : editOf(stretch, length, page, format, scene)
  const commit = async (stretch: Stretch, length: number) => {
    const problem = await handle.edit(edit(stretch, length), { quiet: true })
    setWrong(problem?.message)
    if (!problem) setEditing(null)
  }
  const common = { scale, bleed, editing, wrong, setEditing, setWrong, commit, edit }
  const mine = { ...common, fixed }
  return (
    <div className="pointer-events-none absolute inset-0">
      <svg aria-hidden className="absolute inset-0 size-full text-soft" stroke="currentColor" strokeWidth="1">
        <Line stretches={[{ from: 0, to: scene.widthMm }]} way="across" offset={bleed + OUTER} scale={scale} />
        <Line stretches={stretches.across} way="across" offset={bleed + INNER} scale={scale} />
        <Line stretches={[{ from: 0, to: scene.heightMm }]} way="down" offset={bleed + aside + OUTER} scale={scale} />
        <Line stretches={stretches.down} way="down" offset={bleed + aside + INNER} scale={scale} />
        {own && <Reach box={boundsAround(own.box, own.turnDegrees)} scale={scale} offset={bleed + INNER} />}
      </svg>
      <Label {...common} way="across" tier={OUTER} stretch={{ from: 0, to: scene.widthMm, measured: 'pageWidth' }} />
      <Label
        {...common}
        bleed={bleed + aside}
        way="down"
        tier={OUTER}
        stretch={{ from: 0, to: scene.heightMm, measured: 'pageHeight' }}
      />
      {stretches.across.map(
        (stretch) =>
          stretch.measured && <Label key={keyOf(stretch)} {...mine} way="across" tier={INNER} stretch={stretch} />,
      )}
      {stretches.down.map(
        (stretch) =>
          stretch.measured && (
            <Label key={keyOf(stretch)} {...mine} bleed={bleed + aside} way="down" tier={INNER} stretch={stretch} />
          ),
      )}
    </div>
  )
}

type Way = 'across' | 'down'

/** A line with short oblique strokes where stretches meet, as draughtsmen draw them. */
function Line({
  stretches,
  way,
  offset,
  scale,
}: {
  stretches: Stretch[]
  way: Way
  offset: number
  scale: BenchScale
}) {
  const origin = way === 'across' ? scale.left : scale.top
  const level = Math.round((way === 'across' ? scale.top : scale.left) - offset) + 0.5
  const marks = [...new Set(stretches.flatMap(({ from, to }) => [from, to]))].map(
    (mm) => Math.round(origin + mm * scale.pixelsPerMm) + 0.5,
  )
  const [first, last] = [Math.min(...marks), Math.max(...marks)]
  const path =
    way === 'across'
      ? `M${first} ${level}H${last}` +
        marks.map((x) => `M${x - 3} ${level + 3}L${x + 3} ${level - 3}M${x} ${level - 5}V${level + 8}`).join('')
      : `M${level} ${first}V${last}` +
        marks.map((y) => `M${level - 3} ${y + 3}L${level + 3} ${y - 3}M${level - 5} ${y}H${level + 8}`).join('')
  return <path d={path} fill="none" />
}

/** Thin lines from a frame to where it is measured. */
function Reach({ box, scale, offset }: { box: Box; scale: BenchScale; offset: number }) {
  const s = scale.pixelsPerMm
  const [left, right] = [box.x, box.x + box.width].map((x) => Math.round(scale.left + x * s) + 0.5)
  const [top, bottom] = [box.y, box.y + box.height].map((y) => Math.round(scale.top + y * s) + 0.5)
  const [above, beside] = [scale.top - offset, scale.left - offset]
  const path = `M${left} ${above}V${top}M${right} ${above}V${top}M${beside} ${top}H${left}M${beside} ${bottom}H${left}`
  return <path d={path} fill="none" strokeDasharray="2 3" opacity={0.7} />
}

interface LabelProps {
  /** Only said, for something else decides it. */
  fixed?: boolean
  scale: BenchScale
  bleed: number
  way: Way
  tier: number
  stretch: Stretch
  editing: string | null
  wrong?: string
  setEditing: (key: string | null) => void
  setWrong: (wrong: string | undefined) => void
  commit: (stretch: Stretch, length: number) => Promise<void>
  edit: (stretch: Stretch, length: number) => Edit
}

const keyOf = ({ measured, track }: Stretch) => `${measured} ${track ?? ''}`
/** These grow when they are dragged towards the page's middle, that is, backwards. */
const BACKWARDS = new Set<Measured>(['right', 'bottom', 'frameRight', 'frameBottom'])
const DRAG_STEP = 500

function nameOf({ measured, track }: Stretch): string {
  if (track === undefined || !measured) return measured ? NAMES[measured] : ''
  return measured === 'cellWidth' ? `Width of column ${track + 1}` : `Height of row ${track + 1}`
}

function Label({
  scale,
  bleed,
  way,
  tier,
  stretch,
  editing,
  wrong,
  setEditing,
  setWrong,
  commit,
  edit,
  fixed,
}: LabelProps) {
  const { piece, handle } = useRoom()
  const { measured, from, to } = stretch
  if (!measured) return null
  const name = nameOf(stretch)
  const s = scale.pixelsPerMm
  const middle = ((from + to) / 2) * s
  const narrow = (to - from) * s < LABEL_PX + 12
  const level = bleed + tier - (narrow ? BESIDE : 0)
  const at =
    way === 'across'
      ? { left: scale.left + middle, top: scale.top - level }
      : { left: scale.left - level, top: scale.top + middle }
  const length = Math.round((to - from) * 1000)
  const look = { ...at, transform: `translate(-50%, -50%)${way === 'down' ? ' rotate(-90deg)' : ''}` }
  const words = narrow ? inUnit(length, piece.format) : say(length, piece.format)
  if (fixed) {
    return (
      <span title={name} className="absolute bg-mat px-1 text-[13px] leading-4 whitespace-nowrap" style={look}>
        {words}
      </span>
    )
  }
  if (editing === keyOf(stretch)) {
    return (
      <div
        className="pointer-events-auto absolute z-30 w-32 -translate-y-1/2 border border-line bg-paper p-1.5 shadow-md"
        style={{ top: at.top, left: Math.max(8, at.left - 64) }}
      >
        <LengthField
          bare
          autoFocus
          label={name}
          value={length}
          format={piece.format}
          wrong={wrong}
          onCommit={(value) => void commit(stretch, value)}
          onCancel={() => setEditing(null)}
        />
      </div>
    )
  }
  const drag = (down: PointerEvent<HTMLElement>) => {
    if (down.button !== 0) return
    let now = length
    followPointer(down, {
      move: (dx, dy, event) => {
        const by = ((way === 'across' ? dx : dy) / s) * 1000 * (BACKWARDS.has(measured) ? -1 : 1)
        const step = event.altKey ? 1 : DRAG_STEP
        now = Math.max(0, Math.round((length + by) / step) * step)
        handle.preview(edit(stretch, now))
      },
      end: () => void commit(stretch, now).finally(() => handle.preview(null)),
      cancel: () => handle.preview(null),
    })
  }
  return (
    <button
      aria-label={`${name}: ${say(length, piece.format)}`}
      title={`${name}: click to type, drag to change`}
      onPointerDown={drag}
      onClick={() => {
        setWrong(undefined)
        setEditing(keyOf(stretch))
      }}
      className={`${way === 'across' ? 'cursor-ew-resize' : 'cursor-ns-resize'} pointer-events-auto absolute touch-none bg-mat px-1 text-[13px] leading-4 whitespace-nowrap hover:bg-woad hover:text-on-woad`}
      style={look}
    >
      {words}
    </button>
  )
}

function editOf(
  { measured = 'pageWidth', track }: Stretch,
  length: number,
  page: Page,
  format: Parameters<typeof sized>[0],
  scene: PageScene,
): Edit {
  const grid = gridFor(page, format.width, format.height)
  const setGrid = (change: Partial<Grid>): Edit => ({
    kind: 'setGrid',
    pageId: page.id,
    grid: { ...grid, ...change },
    reflow: 'ASK',
  })
  const cell = { width: scene.grid?.cellWidth ?? 10_000, height: scene.grid?.cellHeight ?? 10_000 }
  const tracked = (tracks: Track[] | undefined) =>
    tracks?.map((one, index) => (index === track ? { share: 1, length } : one))
  const present = grid.cell ?? cell
  switch (measured) {
    case 'pageWidth':
      return sized(format, { width: length })
    case 'pageHeight':
      return sized(format, { height: length })
    case 'cellWidth':
      return setGrid(
        track === undefined ? { cell: { ...present, width: length } } : { columnTracks: tracked(grid.columnTracks) },
      )
    case 'cellHeight':
      return setGrid(
        track === undefined ? { cell: { ...present, height: length } } : { rowTracks: tracked(grid.rowTracks) },
      )
    case 'columnGap':
    case 'rowGap':
      return setGrid({ [measured]: length })
    default:
      return withMargins(page, { [measured]: length })
  }
}

function sized(
  format: Extract<Edit, { kind: 'setFormat' }>['format'],
  change: { width?: number; height?: number },
): Edit {
  return { kind: 'setFormat', format: { ...format, ...change } }
}
