import { Choice } from '../../../fields/Choice'

interface Photo {
  entryId: string
  caption: string
  fileName: string
}

/** Which of several photos is meant. */
export function WhichPhoto({
  photos,
  value,
  onChange,
}: {
  photos: readonly Photo[]
  value: string
  onChange: (entryId: string) => void
}) {
  if (photos.length < 2) return null
  return (
    <Choice
      label="Which"
      options={Object.fromEntries(photos.map(({ entryId, caption, fileName }) => [entryId, caption || fileName]))}
      value={value}
      onChange={onChange}
    />
  )
}

/** Whether the gaps between the parts of a photo hide what lies behind them. */
export function GapsLeftOut({ bridged, onChange }: { bridged: boolean; onChange: (bridged: boolean) => void }) {
  return (
    <label className="flex min-h-8 items-center gap-2">
      <input
        type="checkbox"
        className="size-4 accent-woad"
        checked={!bridged}
        onChange={(event) => onChange(!event.target.checked)}
      />
      What lies in the gaps is left out
    </label>
  )
}
