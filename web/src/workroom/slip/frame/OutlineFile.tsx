import { Shapes } from 'lucide-react'
import { useRef, useState } from 'react'
import { client, data, wordsOf } from '../../../api/client'
import { Wrong } from '../../../fields/Wrong'
import { Button } from '../../../ui/Button'
import { useNotice } from '../../../ui/Notices'
import { useFrameDoings } from '../../frames/useFrameDoings'
import { useSpots } from '../../frames/useSpots'
import type { Frame } from '../../piece/model'

/** Gives frames the outline of a person's own drawing; those that lie freely take its proportion, too. */
export function OutlineFile({ frames }: { frames: Frame[] }) {
  const notice = useNotice()
  const { patch } = useFrameDoings()
  const changeSpots = useSpots()
  const chooser = useRef<HTMLInputElement>(null)
  const [wrong, setWrong] = useState<string>()
  const read = async (file: File | undefined) => {
    if (!file) return
    const name = file.name.replace(/\.svg$/i, '')
    try {
      const body = { name, text: await file.text() }
      const { outline, proportion, leftOut } = await data(client.POST('/api/outlines', { body }))
      setWrong(undefined)
      patch({ kind: 'setOutline', outline })
      const free = frames.filter(({ spot, locked }) => spot && !locked).map(({ id }) => id)
      if (free.length > 0)
        await changeSpots(free, (spot) => {
          const height = Math.round(spot.width / proportion)
          return { ...spot, y: Math.round(spot.y + (spot.height - height) / 2), height }
        })
      if (leftOut.length > 0) notice(`Not used of ${file.name}: ${leftOut.join(', ')}.`)
    } catch (thrown) {
      setWrong(wordsOf(thrown))
    }
  }
  return (
    <div>
      <Button className="w-full" onClick={() => chooser.current?.click()}>
        <Shapes size={16} /> A form from an SVG file …
      </Button>
      <input
        ref={chooser}
        type="file"
        aria-label="SVG file with an outline"
        accept=".svg,image/svg+xml"
        className="hidden"
        onChange={(event) => {
          void read(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      {wrong && <Wrong className="pt-1">{wrong}</Wrong>}
    </div>
  )
}
