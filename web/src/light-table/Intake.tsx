import { FolderOpen, ImagePlus } from 'lucide-react'
import { type ReactNode, useRef, useState } from 'react'
import { Button } from '../ui/Button'
import { Progress } from '../ui/Progress'
import { droppedFiles } from './droppedFiles'
import type { Arriving } from './useIntake'

const ACCEPT =
  'image/jpeg,image/png,image/webp,image/tiff,image/gif,image/bmp,image/heic,image/heif,image/avif,.heic,.heif,.avif,.tif,.tiff,.zip,application/zip'

/** The two choosers: files (or ZIPs), and a whole folder. */
export function Choosers({ onFiles }: { onFiles: (files: File[]) => void }) {
  const files = useRef<HTMLInputElement>(null)
  const folder = useRef<HTMLInputElement>(null)
  const take = (input: HTMLInputElement | null) => {
    if (!input?.files) return
    const chosen = [...input.files].filter(({ name }) => !name.startsWith('.'))
    input.value = ''
    if (chosen.length > 0) onFiles(chosen)
  }
  return (
    <div className="flex flex-wrap gap-2">
      <Button look="primary" onClick={() => files.current?.click()}>
        <ImagePlus size={16} /> Bring in photos
      </Button>
      <Button onClick={() => folder.current?.click()}>
        <FolderOpen size={16} /> A folder
      </Button>
      <input
        ref={files}
        aria-label="Photo files"
        type="file"
        multiple
        accept={ACCEPT}
        className="hidden"
        onChange={() => take(files.current)}
      />
      <input
        ref={(input) => {
          folder.current = input
          input?.setAttribute('webkitdirectory', '')
        }}
        aria-label="Photo folder"
        type="file"
        className="hidden"
        onChange={() => take(folder.current)}
      />
    </div>
  )
}

/** An area that files from the desktop can be dropped on. */
export function FileDrop({
  onFiles,
  children,
  className = '',
}: {
  onFiles: (files: File[]) => void
  children: ReactNode
  className?: string
}) {
  const [over, setOver] = useState(false)
  return (
    <div
      className={`${className} ${over ? 'outline-3 -outline-offset-3 outline-woad outline-dashed' : ''}`}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes('Files')) return
        event.preventDefault()
        setOver(true)
      }}
      onDragLeave={(event) => event.currentTarget.contains(event.relatedTarget as Node) || setOver(false)}
      onDrop={(event) => {
        event.preventDefault()
        setOver(false)
        void droppedFiles(event.dataTransfer).then((files) => files.length > 0 && onFiles(files))
      }}
    >
      {children}
    </div>
  )
}

/** How far the files have come, and which were refused and why. */
export function ArrivingList({ arriving, onClear }: { arriving: Arriving[]; onClear: () => void }) {
  if (arriving.length === 0) return null
  const done = arriving.filter(({ state }) => state === 'done')
  const results = done.flatMap((one) => one.results)
  const refused = results.filter(({ status }) => status === 'REFUSED')
  const known = results.filter(({ status }) => status === 'KNOWN').length
  const added = results.filter(({ status }) => status === 'ADDED').length
  const under = arriving.filter(({ state }) => state === 'sending' || state === 'reading')
  const busy = done.length < arriving.length
  return (
    <section aria-label="Photos coming in" className="border border-line bg-paper p-3">
      <div className="flex items-center justify-between gap-2">
        <p role="status">
          {busy
            ? `${done.length} of ${arriving.length} files read`
            : [`${added} brought in`, known && `${known} there already`, refused.length && `${refused.length} refused`]
                .filter(Boolean)
                .join(', ')}
        </p>
        {!busy && (
          <button className="text-woad underline" onClick={onClear}>
            Close
          </button>
        )}
      </div>
      {busy && (
        <div className="mt-2">
          <Progress
            name="How much has come in"
            share={(arriving.reduce((sum, { share }) => sum + share * 0.9, 0) + done.length * 0.1) / arriving.length}
          />
        </div>
      )}
      <ul className="mt-1 max-h-40 space-y-1 overflow-y-auto text-[13px] leading-4">
        {under.map(({ key, name, state, share }) => (
          <li key={key} className="flex justify-between gap-2 text-soft">
            <span className="truncate">{name}</span>
            <span className="whitespace-nowrap">
              {state === 'sending' ? `${Math.round(share * 100)} %` : 'reading …'}
            </span>
          </li>
        ))}
        {refused.map(({ name, reason }, index) => (
          <li key={index} className="border-l-2 border-madder pl-2">
            <span className="font-semibold break-all">{shortened(name)}</span>: {reason}
          </li>
        ))}
      </ul>
    </section>
  )
}

const shortened = (name: string) => {
  const signs = [...name]
  return signs.length <= 80 ? name : `${signs.slice(0, 50).join('')} … ${signs.slice(-20).join('')}`
}
