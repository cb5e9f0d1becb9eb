import { useQuery } from '@tanstack/react-query'
import { client, data, type TextStyle } from '../../../api/client'
import { groundBehind } from '../../../fields/contrast'
import { Button } from '../../../ui/Button'
import { useRoom } from '../../context'
import type { Dressing } from '../../words/useWords'

interface Props {
  frameId: string
  style: TextStyle
  onDress: (change: Dressing) => void
}

/** Says where words come too close to what lies behind them, and offers what helps. */
export function HardToRead({ frameId, style, onDress }: Props) {
  const { piece, page, handle } = useRoom()
  const legibility = useQuery({
    queryKey: ['legibility', page.id, handle.open?.revision],
    queryFn: () =>
      data(
        client.GET('/api/pieces/{id}/pages/{pageId}/legibility', {
          params: { path: { id: piece.id, pageId: page.id } },
        }),
      ),
    placeholderData: (before) => before,
    retry: false,
  })
  const reading = legibility.data?.find((one) => one.frameId === frameId)
  if (!reading?.hard || legibility.isPlaceholderData) return null
  const em = (style.sizePt / 72) * 25_400
  return (
    <div className="flex flex-col gap-2 border-l-2 border-weld pl-2" role="status">
      <p className="text-[13px] leading-4">
        {reading.readable
          ? 'Close to what lies behind: hard to read there.'
          : 'Light and dark lie behind: hard to read in any colour.'}
      </p>
      {reading.readable ? (
        <Button onClick={() => onDress({ colour: reading.reads })}>Take a colour that reads here</Button>
      ) : (
        <Button
          onClick={() =>
            onDress({
              finish: {
                ...style.finish,
                panel: { colour: groundBehind(style.colour), opacity: 0.8, pad: Math.round(em / 3), radius: 0 },
              },
            })
          }
        >
          Put a ground behind the words
        </Button>
      )}
    </div>
  )
}
