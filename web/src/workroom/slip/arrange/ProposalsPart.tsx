import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { client, data, Problem, type Proposal, proposalPicture } from '../../../api/client'
import { Button } from '../../../ui/Button'
import { gapOf } from '../../piece/arrangement'
import { Wrong } from '../../../fields/Wrong'
import { useRoom } from '../../context'
import { type Page, type Piece, slotted } from '../../piece/model'
import { Part } from '../Part'

const WANTED = 8
const PICTURE_PX = 132

/** How prints are scattered at first. */
const RECIPE = { seed: 1, cover: 1, mostTurn: 8, mostHidden: 0.2 }

/** What proposals follow from. Which of them was chosen is not part of it, so that they stay while one is tried after another. */
const basis = (piece: Piece, page: Page) => {
  const { arrangement, frames } = page
  const photos = frames
    .filter(({ entry }) => entry)
    .map(({ id, entry, caption, crop, marks, style }) => JSON.stringify([id, entry, caption, crop, marks, style]))
  const subjects = piece.entries.map(({ subject }) => subject)
  return [
    piece.format,
    piece.styles,
    arrangement.margins,
    gapOf(arrangement),
    photos.toSorted(),
    taking(page).length,
    subjects,
  ]
}

/** The frames that take part: those that were taken out stay out, but where nothing is arranged all that are not locked. */
const taking = (page: Page) =>
  page.arrangement.kind === 'byHand'
    ? page.frames.filter(({ entry, locked }) => entry && !locked)
    : slotted(page).filter(({ entry }) => entry)

/** Arrangements that the computer proposes for the photos of this page, drawn as the page would be. */
export function ProposalsPart() {
  const { stored: piece, storedPage: page, handle } = useRoom()
  const [asked, setAsked] = useState(false)
  const [seed, setSeed] = useState(1)
  const filled = taking(page).length
  const proposals = useQuery({
    queryKey: ['proposals', piece.id, page.id, seed, ...basis(piece, page)],
    queryFn: () =>
      data(
        client.POST('/api/pieces/{piece}/pages/{page}/proposals', {
          params: { path: { piece: piece.id, page: page.id } },
          body: { seed, most: WANTED },
        }),
      ),
    enabled: asked && filled > 0,
    retry: false,
    staleTime: Infinity,
    placeholderData: (before) => before,
  })
  const wrong = proposals.error instanceof Problem ? proposals.error.message : proposals.error?.message
  const chosen = ({ arrangement, order }: Proposal) =>
    JSON.stringify(arrangement) === JSON.stringify(page.arrangement) &&
    order.join() ===
      slotted(page)
        .map(({ id }) => id)
        .join()
  /** Shown on the bench while it is looked at; leaving puts back what is there. */
  const tryOut = ({ arrangement, order }: Proposal) =>
    handle.preview({ kind: 'arrange', pageId: page.id, arrangement, order })
  const scatter = () => {
    const order = taking(page).map(({ id }) => id)
    const { margins } = page.arrangement
    void handle.edit({ kind: 'scatter', pageId: page.id, margins, recipe: RECIPE, order })
  }
  return (
    <Part title="Proposals">
      {!asked ? (
        <Button look="primary" className="w-full" disabled={filled === 0} onClick={() => setAsked(true)}>
          Propose for {filled === 1 ? '1 photo' : `${filled} photos`}
        </Button>
      ) : (
        <>
          {wrong && <Wrong>{wrong}</Wrong>}
          {proposals.isFetching && !proposals.data && <p role="status">Trying cuts …</p>}
          <ul
            aria-label="Proposed arrangements"
            className={`grid grid-cols-2 gap-2 ${proposals.isPlaceholderData ? 'opacity-50' : ''}`}
          >
            {!wrong &&
              proposals.data?.map((proposal, index) => (
                <li key={proposal.look}>
                  <button
                    aria-label={`Arrangement ${index + 1}: ${saidOf(proposal)}`}
                    aria-pressed={chosen(proposal)}
                    onPointerEnter={() => tryOut(proposal)}
                    onPointerLeave={() => handle.preview(null)}
                    onFocus={() => tryOut(proposal)}
                    onBlur={() => handle.preview(null)}
                    onClick={() =>
                      void handle.edit({
                        kind: 'arrange',
                        pageId: page.id,
                        arrangement: proposal.arrangement,
                        order: proposal.order,
                      })
                    }
                    className={`block w-full border bg-paper p-1 text-left ${chosen(proposal) ? 'border-woad bg-wash outline-1 outline-woad' : 'border-line hover:border-woad'}`}
                  >
                    <span className="flex max-h-36 justify-center overflow-hidden bg-mat">
                      <img
                        alt=""
                        src={proposalPicture(
                          piece.id,
                          page.id,
                          proposal.look,
                          PICTURE_PX * (window.devicePixelRatio || 1),
                        )}
                        className="max-h-36 min-h-0 max-w-full"
                        style={{ aspectRatio: `${piece.format.width} / ${piece.format.height}` }}
                      />
                    </span>
                    <span className="block px-0.5 pt-1 text-[13px] leading-4">{saidOf(proposal)}</span>
                  </button>
                </li>
              ))}
          </ul>
          <Button className="w-full" onClick={() => setSeed(seed + 1)}>
            Propose others
          </Button>
        </>
      )}
      {page.arrangement.kind !== 'scattered' && (
        <Button className="w-full" disabled={filled === 0} onClick={scatter}>
          Scatter as prints
        </Button>
      )}
    </Part>
  )
}

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
function saidOf(proposal: Proposal): string {
  const { arrangement, lost, covered } = proposal
  const whole = arrangement.kind === 'slicing' && arrangement.whole
  const cropped = lost === 0 ? 'nothing cropped' : `${percent(lost)} cropped`
  const said = `${shapeOf(proposal)}; ${cropped}`
  return whole && covered <= 0.995 ? `${said}, ${percent(covered)} of the page` : said
}
