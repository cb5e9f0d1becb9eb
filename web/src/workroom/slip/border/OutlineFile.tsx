import { Shapes } from 'lucide-react'
import { useState } from 'react'
import { client, data, wordsOf } from '../../../api/client'
import { Wrong } from '../../../fields/Wrong'
import { FileButton } from '../../../ui/FileButton'
import { useNotice } from '../../../ui/Notices'
import { useRoom } from '../../context'
import { type Frame, moveOf } from '../../piece/model'

/** Gives frames the outline of a person's own drawing; those that lie freely take its proportion, too. */
export function OutlineFile({ frames }: { frames: Frame[] }) {
  const notice = useNotice()
  const { page, handle } = useRoom()
  const [wrong, setWrong] = useState<string>()
  const read = async (file: File) => {
    const name = file.name.replace(/\.svg$/i, '')
    try {
      const body = { name, text: await file.text() }
      const { outline, proportion, leftOut } = await data(client.POST('/api/outlines', { body }))
      setWrong(undefined)
      // Form and proportion are one step of the history.
      const batch = crypto.randomUUID()
      const change = { kind: 'setOutline' as const, outline }
      await handle.edit({ kind: 'patchItems', pageId: page.id, itemIds: frames.map(({ id }) => id), change }, { batch })
      const moves = frames.flatMap(({ id, spot, locked }) => {
        if (!spot || locked) return []
        const height = Math.round(spot.width / proportion)
        return [moveOf(id, { ...spot, y: Math.round(spot.y + (spot.height - height) / 2), height })]
      })
      if (moves.length > 0) await handle.edit({ kind: 'moveItems', pageId: page.id, moves }, { batch })
      if (leftOut.length > 0) notice(`Not used of ${file.name}: ${leftOut.join(', ')}.`)
    } catch (thrown) {
      setWrong(wordsOf(thrown))
    }
  }
  return (
    <div>
      <FileButton
        name="SVG file with an outline"
        accept=".svg,image/svg+xml"
        className="w-full"
        onFile={(file) => void read(file)}
      >
        <Shapes size={16} /> A form from an SVG file …
      </FileButton>
      {wrong && <Wrong className="pt-1">{wrong}</Wrong>}
    </div>
  )
}
