import { useState } from 'react'
import { largePicture } from '../../api/client'
import { Button } from '../../ui/Button'
import { WholeScreen } from '../../ui/WholeScreen'
import { type TrayPhoto, useRoom } from '../../workroom/context'

/** Two photos beside each other, equally large; one press looks at the same place of both closely. */
export function Compare({ photos, onClose }: { photos: TrayPhoto[]; onClose: () => void }) {
  const { handle } = useRoom()
  const [close, setClose] = useState<{ x: number; y: number } | null>(null)
  const aside = async (photo: TrayPhoto | undefined) => {
    if (photo && !(await handle.edit({ kind: 'setAside', entryIds: [photo.entryId], aside: !photo.aside }))) onClose()
  }
  const key = (pressed: string) => {
    if (pressed === '1' || pressed === '2') void aside(photos[Number(pressed) - 1])
    else if (pressed.toLowerCase() === 'z') setClose(close ? null : { x: 50, y: 50 })
    else return false
    return true
  }
  return (
    <WholeScreen name="Comparing two photos" onClose={onClose} onKey={key}>
      <p className="px-3 py-3 text-soft">
        1 or 2 sets that photo aside; Z, or a press, looks closely at both; Escape goes back.
      </p>
      <div className="grid min-h-0 flex-1 grid-cols-2 gap-3 px-3 pb-3">
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
    </WholeScreen>
  )
}
