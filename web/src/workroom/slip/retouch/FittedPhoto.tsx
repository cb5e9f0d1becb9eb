import type { ReactNode } from 'react'

interface Props {
  name: string
  /** Width by height. */
  proportion: number
  picture: string
  /** What lies over it. */
  children: ReactNode
}

/** A photo as large as its sheet has room, and what is marked on it. */
export function FittedPhoto({ name, proportion, picture, children }: Props) {
  return (
    <div
      className="relative touch-none select-none"
      style={{ aspectRatio: proportion, width: `min(100cqw, ${proportion} * 100cqh)` }}
    >
      <img alt={name} src={picture} draggable={false} className="size-full" />
      {children}
    </div>
  )
}
