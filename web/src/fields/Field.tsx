import { type ReactNode, useId } from 'react'
import { Wrong } from './Wrong'

export const inputLook =
  'h-8 w-full min-w-0 border border-edge bg-paper px-2 text-ink focus:border-woad focus:outline-2 focus:outline-offset-0 focus:outline-woad aria-invalid:border-madder disabled:opacity-60'

/** A label above a control, with what is wrong with it below. */
export function Field({
  label,
  wrong,
  hint,
  children,
}: {
  label: string
  wrong?: string
  hint?: string
  children: (ids: { id: string; 'aria-describedby'?: string; 'aria-invalid'?: boolean }) => ReactNode
}) {
  const id = useId()
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="mb-0.5 block text-[13px] text-soft">
        {label}
      </label>
      {children({
        id,
        'aria-describedby': (wrong ?? hint) ? `${id}-note` : undefined,
        'aria-invalid': wrong ? true : undefined,
      })}
      {wrong ? (
        <Wrong id={`${id}-note`} className="mt-1">
          {wrong}
        </Wrong>
      ) : (
        hint && (
          <p id={`${id}-note`} className="mt-1 text-[13px] leading-4 text-soft">
            {hint}
          </p>
        )
      )}
    </div>
  )
}
