import { useQuery } from '@tanstack/react-query'
import { Plus, X } from 'lucide-react'
import { useState } from 'react'
import { client, data, type FacedPlane, largePicture, windowName, wordsOf } from '../../../api/client'
import { Wrong } from '../../../fields/Wrong'
import { Button, IconButton } from '../../../ui/Button'
import { type TrayPhoto, useRoom } from '../../context'
import { CornerHandles } from '../retouch/CornerHandles'
import { FittedPhoto } from '../retouch/FittedPhoto'
import { WorkSheet } from '../retouch/WorkSheet'

const MOST = 40
const ANOTHER: FacedPlane = {
  corners: [
    { x: 0.3, y: 0.3 },
    { x: 0.7, y: 0.3 },
    { x: 0.7, y: 0.7 },
    { x: 0.3, y: 0.7 },
  ],
  whole: false,
}

/** One scan of several paper prints: where they lie, to look at and put right, and then a photo for each. */
export function ScanSheet({ photo, onClose }: { photo: TrayPhoto; onClose: () => void }) {
  const { piece, handle } = useRoom()
  const found = useQuery({
    queryKey: ['prints', photo.id],
    queryFn: () => data(client.GET('/api/photos/{sha256}/prints', { params: { path: { sha256: photo.id } } })),
    staleTime: Infinity,
  })
  const [changed, setChanged] = useState<FacedPlane[]>()
  const [away, setAway] = useState(true)
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const prints = changed ?? found.data ?? []
  const part = async () => {
    setBusy(true)
    try {
      const batch = crypto.randomUUID()
      const { results } = await data(
        client.POST('/api/pieces/{piece}/scans/{sha256}/prints', {
          params: { path: { piece: piece.id, sha256: photo.id } },
          body: { prints, batch, window: windowName },
        }),
      )
      await handle.reload()
      const refused = results.find(({ status }) => status === 'REFUSED')
      if (refused) throw new Error(refused.reason)
      if (away) await handle.edit({ kind: 'setAside', entryIds: [photo.entryId], aside: true }, { batch })
      onClose()
    } catch (thrown) {
      setWrong(wordsOf(thrown))
      setBusy(false)
    }
  }
  const count = prints.length === 1 ? 'one photo' : `${prints.length} photos`
  const tools = (
    <>
      <p role="status" className="text-[13px] leading-4 text-soft">
        {found.isPending
          ? 'Looking for prints …'
          : prints.length === 0
            ? 'No prints were found that lie apart. Add one, and put its corners right.'
            : 'Each is cut out straight. Corners can be put right by hand, or by arrows.'}
      </p>
      <ol aria-label="Prints" className="space-y-1">
        {prints.map((_, index) => (
          <li key={index} className="flex items-center justify-between border-t border-line">
            Print {index + 1}
            <IconButton
              name={`Leave out print ${index + 1}`}
              onClick={() => setChanged(prints.filter((_one, i) => i !== index))}
            >
              <X size={16} />
            </IconButton>
          </li>
        ))}
      </ol>
      <Button disabled={prints.length >= MOST} onClick={() => setChanged([...prints, ANOTHER])}>
        <Plus size={16} /> Another print
      </Button>
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-woad"
          checked={away}
          onChange={(event) => setAway(event.target.checked)}
        />
        Set the scan aside afterwards
      </label>
      {wrong && <Wrong>{wrong}</Wrong>}
    </>
  )
  return (
    <WorkSheet
      name="Part a scan"
      title={`Part ${photo.fileName}`}
      onClose={onClose}
      finish={{
        name: busy ? 'Cutting …' : `Make ${count}`,
        onFinish: () => void part(),
        disabled: busy || prints.length === 0,
      }}
      tools={tools}
    >
      <FittedPhoto name={photo.fileName} proportion={photo.width / photo.height} picture={largePicture(photo.id)}>
        {prints.map(({ corners }, index) => (
          <CornerHandles
            key={index}
            of={`print ${index + 1}`}
            corners={corners}
            onMove={(moved) => setChanged(prints.map((one, i) => (i === index ? { ...one, corners: moved } : one)))}
          />
        ))}
      </FittedPhoto>
    </WorkSheet>
  )
}
