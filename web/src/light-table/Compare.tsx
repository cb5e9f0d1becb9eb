import { X } from 'lucide-react'
import { useEffect, useRef, useState } from 'react'
import { createPortal } from 'react-dom'
import { largePicture } from '../api/client'
import { Button, IconButton } from '../ui/Button'
import { type TrayPhoto, useRoom } from '../workroom/context'

/** Two photos beside each other, equally large; one press looks at the same place of both closely. */
export function Compare({ photos, onClose }: { photos: TrayPhoto[]; onClose: () => void }) {
  const { handle } = useRoom()
  const sheet = useRef<HTMLDivElement>(null)
  const [close, setClose] = useState<{ x: number; y: number } | null>(null)
  useEffect(() => {
    const before = document.activeElement
    sheet.current?.focus()
    return () => {
      if (before instanceof HTMLElement && before.isConnected) before.focus()
    }
  }, [])
  const aside = async (photo: TrayPhoto | undefined) => {
    if (photo && !(await handle.edit({ kind: 'setAside', entryIds: [photo.entryId], aside: !photo.aside }))) onClose()
  }
  return createPortal(
    <div
      ref={sheet}
      role="dialog"
      aria-modal
      aria-label="Comparing two photos"
      tabIndex={-1}
      className="fixed inset-0 z-50 flex flex-col bg-mat p-3 focus-visible:outline-none"
      onKeyDown={(event) => {
        event.stopPropagation()
        if (event.key === 'Escape') onClose()
        else if (event.key === '1' || event.key === '2') void aside(photos[Number(event.key) - 1])
        else if (event.key.toLowerCase() === 'z') setClose(close ? null : { x: 50, y: 50 })
        else return
        event.preventDefault()
      }}
    >
      <div className="flex items-center justify-between pb-2">
        <p className="text-soft">
          1 or 2 sets that photo aside; Z, or a press, looks closely at both; Escape goes back.
        </p>
        <IconButton name="Close (Escape)" onClick={onClose}>
          <X size={20} />
        </IconButton>
      </div>
      <div className="grid min-h-0 flex-1 grid-cols-2 gap-3">
        {photos.map((photo, index) => (
          <figure key={photo.entryId} className="flex min-h-0 flex-col">
            <div className="min-h-0 flex-1 overflow-hidden">
              <button
                type="button"
                aria-label={`Look closely at ${photo.fileName}`}
                aria-pressed={close !== null}
                className="flex size-full items-center justify-center"
                onClick={(event) => {
                  const box = event.currentTarget.getBoundingClientRect()
                  const at = (value: number, size: number) => Math.round((100 * value) / size)
                  setClose(
                    close
                      ? null
                      : { x: at(event.clientX - box.left, box.width), y: at(event.clientY - box.top, box.height) },
                  )
                }}
              >
                <img
                  alt={photo.fileName}
                  src={largePicture(photo.id)}
                  className="max-h-full max-w-full object-contain"
                  style={close ? { transform: 'scale(3)', transformOrigin: `${close.x}% ${close.y}%` } : undefined}
                />
              </button>
            </div>
            <figcaption className="flex items-center justify-between gap-2 pt-2">
              <span className="truncate">
                {photo.fileName}, {photo.width} × {photo.height} px
              </span>
              <Button onClick={() => void aside(photo)}>
                {photo.aside ? 'Keep' : 'Set aside'} ({index + 1})
              </Button>
            </figcaption>
          </figure>
        ))}
      </div>
    </div>,
    document.body,
  )
}
