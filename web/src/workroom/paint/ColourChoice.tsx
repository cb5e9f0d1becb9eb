import { ColourField } from '../../fields/ColourField'
import { useRoom } from '../context'
import { useColourOffers } from './useColourOffers'

interface Props {
  label: string
  value: string
  onPreview: (colour: string) => void
  onCommit: (colour: string) => void
}

/** A colour of something on the page, with those of its photos to choose from. */
export function ColourChoice({ label, value, onPreview, onCommit }: Props) {
  const { handle } = useRoom()
  const offers = useColourOffers()
  return (
    <ColourField
      label={label}
      value={value}
      offers={offers}
      onTry={(colour) => (colour ? onPreview(colour) : handle.preview(null))}
      onCommit={onCommit}
    />
  )
}
