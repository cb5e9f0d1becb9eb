import { type ReactNode, useRef } from 'react'
import { Button } from './Button'

interface Props {
  /** Of the chooser that it opens. */
  name: string
  accept: string
  className?: string
  onFile: (file: File) => void
  children: ReactNode
}

/** A button that lets one file be chosen; the same one may be chosen again. */
export function FileButton({ name, accept, className, onFile, children }: Props) {
  const chooser = useRef<HTMLInputElement>(null)
  return (
    <>
      <Button className={className} onClick={() => chooser.current?.click()}>
        {children}
      </Button>
      <input
        ref={chooser}
        type="file"
        aria-label={name}
        accept={accept}
        tabIndex={-1}
        className="hidden"
        onChange={(event) => {
          const [chosen] = event.target.files ?? []
          if (chosen) onFile(chosen)
          event.target.value = ''
        }}
      />
    </>
  )
}
