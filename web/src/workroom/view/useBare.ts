import { useEffect, useState } from 'react'
import { isOnBench } from '../../fields/typing'

/** Whether the page is shown bare, without lines and marks: while Space is held on the bench. */
export function useBare(): boolean {
  const [bare, setBare] = useState(false)
  useEffect(() => {
    const down = (event: KeyboardEvent) => {
      if (event.key !== ' ' || !isOnBench(event.target)) return
      event.preventDefault()
      setBare(true)
    }
    const up = (event: KeyboardEvent) => {
      if (event.key !== ' ') return
      // Else the frame that has the focus would be pressed by it.
      if (isOnBench(event.target)) event.preventDefault()
      setBare(false)
    }
    const away = () => setBare(false)
    window.addEventListener('keydown', down)
    window.addEventListener('keyup', up)
    window.addEventListener('blur', away)
    return () => {
      window.removeEventListener('keydown', down)
      window.removeEventListener('keyup', up)
      window.removeEventListener('blur', away)
    }
  }, [])
  return bare
}
