import { type ComponentProps, useRef } from 'react'

type Trying = Pick<
  ComponentProps<'button'>,
  'onPointerEnter' | 'onPointerLeave' | 'onFocus' | 'onBlur' | 'onClickCapture'
>

/**
 * Choices that the bench shows while they are looked at, by pointer or by focus; leaving ends that.
 * One that was pressed is not shown again by a focus that a question gives back: the answer stands,
 * until the person looks at another choice or comes back with the pointer.
 */
export function useTryOut<T>(onTry: ((choice: T | null) => void) | undefined) {
  const pressed = useRef<string>(undefined)
  return (name: string, choice: T): Trying => {
    if (!onTry) return {}
    const tryIt = () => {
      pressed.current = undefined
      onTry(choice)
    }
    return {
      onPointerEnter: tryIt,
      onPointerLeave: () => onTry(null),
      onFocus: () => pressed.current !== name && tryIt(),
      onBlur: () => onTry(null),
      onClickCapture: () => (pressed.current = name),
    }
  }
}
