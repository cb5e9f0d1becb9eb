import { lookPicture, type Proposal } from '../../api/client'
import { useRoom } from '../context'
import { useTryOut } from '../useTryOut'
import { saidOf } from './proposalWords'

/** As many pixels across as a picture is shown with, at most. */
const PICTURE_PX = { small: 132, large: 320 }

interface Props {
  proposals: Proposal[]
  /** Whether others are on their way. */
  stale: boolean
  /** Over the bench, and not in the slip. */
  large: boolean
  chosen: (proposal: Proposal) => boolean
  onPick: (proposal: Proposal) => void
  /** Shows on the bench what picking it would come to; nothing ends that. */
  onTry: (proposal: Proposal | null) => void
}

/** Proposals to choose from, each drawn as the page would be. In the slip the bench shows the one that is looked at. */
export function ProposalList({ proposals, stale, large, chosen, onPick, onTry }: Props) {
  const { stored: piece, storedPage: page } = useRoom()
  const trying = useTryOut(large ? undefined : onTry)
  const most = large ? 'max-h-72' : 'max-h-36'
  const width = PICTURE_PX[large ? 'large' : 'small'] * (window.devicePixelRatio || 1)
  return (
    <ul
      aria-label="Proposed arrangements"
      className={`grid ${large ? 'grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-4' : 'grid-cols-2 gap-2'} ${stale ? 'opacity-50' : ''}`}
    >
      {proposals.map((proposal, index) => (
        <li key={proposal.look}>
          <button
            aria-label={`Arrangement ${index + 1}: ${saidOf(proposal)}`}
            aria-pressed={chosen(proposal)}
            {...trying(proposal.look, proposal)}
            onClick={() => onPick(proposal)}
            className={`flex h-full w-full flex-col justify-start border bg-paper text-left ${large ? 'p-2' : 'p-1'} ${chosen(proposal) ? 'border-woad bg-wash outline-1 outline-woad' : 'border-line hover:border-woad'}`}
          >
            <span className={`flex ${most} justify-center overflow-hidden bg-mat`}>
              <img
                alt=""
                src={lookPicture(piece.id, page.id, proposal.look, width)}
                className={`${most} min-h-0 max-w-full`}
                style={{ aspectRatio: `${piece.format.width} / ${piece.format.height}` }}
              />
            </span>
            <span className="block px-0.5 pt-1 text-[13px] leading-4">{saidOf(proposal)}</span>
          </button>
        </li>
      ))}
    </ul>
  )
}
