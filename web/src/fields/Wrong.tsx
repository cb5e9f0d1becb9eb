import { useEffect, useRef } from 'react'

interface Props {
  id?: string
  className?: string
  /** What is wrong, in words. */
  children: string
}

/** Says what is wrong beside what it is about, and comes into view where a drawer would hide it below its end. */
export function Wrong({ id, className = '', children }: Props) {
  const words = useRef<HTMLParagraphElement>(null)
  useEffect(() => {
    // In braces: some browsers answer with a promise, which an effect must not return.
    words.current?.scrollIntoView?.({ block: 'nearest' })
  }, [children])
  return (
    <p id={id} ref={words} role="alert" className={`text-[13px] leading-4 text-madder ${className}`}>
      {children}
    </p>
  )
}
