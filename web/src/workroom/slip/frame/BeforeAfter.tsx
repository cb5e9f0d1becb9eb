import { adjustedPicture, type Adjustments } from '../../../api/client'
import { WholeScreen } from '../../../ui/WholeScreen'
import { UNCHANGED } from '../../piece/model'

const EDGE_PX = 1200

/** A photo as it is and as it is changed, beside each other. */
export function BeforeAfter(props: { photo: string; adjusted: Adjustments; onClose: () => void }) {
  const { photo, adjusted, onClose } = props
  const sides = [
    { name: 'As it is', adjustments: UNCHANGED },
    { name: 'As it is changed here', adjustments: adjusted },
  ]
  return (
    <WholeScreen name="Before and after" onClose={onClose} onKey={() => false}>
      <p className="p-3 text-soft">The whole photo, without its crop. Escape goes back.</p>
      <div className="grid min-h-0 flex-1 grid-cols-2 gap-3 px-3 pb-3">
        {sides.map(({ name, adjustments }) => (
          <figure key={name} className="flex min-h-0 flex-col items-center justify-center">
            <img
              alt={name}
              src={adjustedPicture(photo, adjustments, EDGE_PX)}
              className="min-h-0 max-w-full object-contain"
            />
            <figcaption className="pt-2">{name}</figcaption>
          </figure>
        ))}
      </div>
    </WholeScreen>
  )
}
