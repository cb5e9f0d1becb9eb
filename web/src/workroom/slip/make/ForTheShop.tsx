import { Copy } from 'lucide-react'
import { saySize, say } from '../../../measure/units'
import { Button } from '../../../ui/Button'
import { useNotice } from '../../../ui/Notices'
import { useRoom } from '../../context'
import type { Piece } from '../../piece/model'

/** What a print shop asks of a PDF, line by line. */
function facts({ format, pages }: Piece): [string, string][] {
  const { width, height, bleed } = format
  const whole = saySize(width + 2 * bleed, height + 2 * bleed, format)
  return [
    ['Finished size', saySize(width, height, format)],
    ['Bleed', bleed > 0 ? `${say(bleed, format)} on each side (sheet ${whole})` : 'none'],
    ['Pages', `${pages.length}, ${pages.length === 1 ? 'printed on one side' : 'single pages in reading order'}`],
    ['Boxes', 'trim and bleed box are set in the PDF'],
    ['Colours', 'RGB; each photo with its own profile, else sRGB'],
    ['Words', 'live text, fonts embedded'],
    ['Scale', 'print at 100 %, do not fit to the sheet'],
  ]
}

/** The order's facts, to be copied into the shop's form or a message. */
export function ForTheShop() {
  const { piece } = useRoom()
  const notice = useNotice()
  const all = facts(piece)
  const copy = async () => {
    const text = [piece.name, ...all.map(([name, value]) => `${name}: ${value}`)].join('\n')
    try {
      await navigator.clipboard.writeText(text)
      notice('Copied. Paste it into the order.')
    } catch {
      notice('The browser does not let it be copied; mark the lines and copy them by hand.', { tone: 'wrong' })
    }
  }
  return (
    <>
      <dl className="grid grid-cols-[6.5rem_1fr] gap-y-1 text-[13px] leading-4">
        {all.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-soft">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      <Button className="w-full" onClick={() => void copy()}>
        <Copy size={16} /> Copy these lines
      </Button>
    </>
  )
}
