import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { client, data, Problem, type Proposal } from '../../api/client'
import { Button } from '../../ui/Button'
import { gapOf } from '../piece/arrangement'
import { Wrong } from '../../fields/Wrong'
import { useRoom } from '../context'
import { type Page, type Piece, slotted, waitingIn } from '../piece/model'
import { MOST } from '../slip/gather/NextSteps'
import { OverBench } from '../OverBench'
import { Part } from '../slip/Part'
import { CutSilhouette } from './CutSilhouette'
import { ProposalList } from './ProposalList'

const WANTED = 8

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
  const [large, setLarge] = useState(false)
  const [seed, setSeed] = useState(1)
  const filled = taking(page).length
  const waiting = waitingIn(piece).length
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
  const ask = () => {
    setAsked(true)
    setLarge(true)
  }
  /** What waits comes on the page first: a proposal is for photos that lie on it. */
  const askForAll = async () => {
    if (!(await handle.edit({ kind: 'composeWaiting', pageId: page.id, each: waiting }))) ask()
  }
  const close = () => setLarge(false)
  const pick = ({ arrangement, order }: Proposal) => {
    void handle.edit({ kind: 'arrange', pageId: page.id, arrangement, order })
    close()
  }
  const title = filled === 1 ? 'One photo, arranged' : `${filled} photos, arranged`
  const list = (
    <ProposalList
      proposals={proposals.data ?? []}
      stale={proposals.isPlaceholderData}
      large={large}
      chosen={chosen}
      onPick={pick}
      onTry={(proposal) => (proposal ? tryOut(proposal) : handle.preview(null))}
    />
  )
  return (
    <Part title="Proposals">
      {!asked ? (
        <>
          {(filled > 0 || waiting === 0) && (
            <Button look={waiting > 0 ? 'plain' : 'primary'} className="w-full" disabled={filled === 0} onClick={ask}>
              Propose for {filled === 1 ? '1 photo' : `${filled} photos`}
            </Button>
          )}
          {waiting > 0 && filled + waiting <= MOST && (
            <Button className="w-full" onClick={() => void askForAll()}>
              {filled > 0
                ? `Propose for all ${filled + waiting}, also those that wait`
                : waiting === 1
                  ? 'Propose for the one that waits'
                  : `Propose for the ${waiting} that wait`}
            </Button>
          )}
        </>
      ) : (
        <>
          {wrong && <Wrong>{wrong}</Wrong>}
          {proposals.isFetching && !proposals.data && <p role="status">Trying cuts …</p>}
          {proposals.data &&
            !wrong &&
            (large ? (
              <OverBench title={title} onClose={close}>
                {list}
              </OverBench>
            ) : (
              list
            ))}
          {!large && (
            <Button className="w-full" onClick={() => setLarge(true)}>
              See them large
            </Button>
          )}
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
      {page.arrangement.kind !== 'silhouette' && (
        <CutSilhouette order={taking(page).map(({ id }) => id)} waiting={waiting} />
      )}
    </Part>
  )
}
