import { Images } from 'lucide-react'
import { useState } from 'react'
import { Button } from '../../../ui/Button'
import type { TrayPhoto } from '../../context'
import { ScanSheet } from './ScanSheet'

/** Offers to part a photo that is a scan of several prints. */
export function PartScan({ photo }: { photo: TrayPhoto }) {
  const [open, setOpen] = useState(false)
  return (
    <>
      <Button className="w-full" onClick={() => setOpen(true)}>
        <Images size={16} /> A scan of several prints …
      </Button>
      {open && <ScanSheet photo={photo} onClose={() => setOpen(false)} />}
    </>
  )
}
