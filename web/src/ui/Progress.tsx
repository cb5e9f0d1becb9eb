/** How far something has come, 0 to 1. */
export function Progress({ share, name }: { share: number; name?: string }) {
  return (
    <progress
      aria-label={name}
      className="h-2 w-full appearance-none bg-wash [&::-moz-progress-bar]:bg-woad [&::-webkit-progress-bar]:bg-wash [&::-webkit-progress-value]:bg-woad"
      value={share}
      max={1}
    />
  )
}
