import type { ButtonHTMLAttributes } from 'react'

type Look = 'primary' | 'plain' | 'quiet'
const LOOKS: Record<Look, string> = {
  primary: 'bg-woad text-on-woad border-woad hover:opacity-90',
  plain: 'bg-paper border-edge hover:border-woad',
  quiet: 'border-transparent hover:bg-wash',
}

export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex h-8 items-center justify-center gap-2 border px-3 font-semibold whitespace-nowrap disabled:cursor-not-allowed disabled:opacity-60 ${LOOKS[look]} ${className}`}
    />
  )
}

/** A square button with a picture; its name is read out and shown on hover. */
export function IconButton({
  name,
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { name: string }) {
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      {...rest}
      className={`inline-flex size-8 shrink-0 items-center justify-center hover:bg-wash disabled:cursor-not-allowed disabled:opacity-55 ${className}`}
    />
  )
}
