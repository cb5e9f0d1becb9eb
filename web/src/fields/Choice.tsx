import { Field, inputLook } from './Field'

interface Props<T extends string> {
  label: string
  /** What each value is called. */
  options: Record<T, string>
  value: T
  onChange: (value: T) => void
}

/** One of a few, from a list that drops down. */
export function Choice<T extends string>({ label, options, value, onChange }: Props<T>) {
  return (
    <Field label={label}>
      {(ids) => (
        <select {...ids} className={inputLook} value={value} onChange={(event) => onChange(event.target.value as T)}>
          {(Object.entries(options) as [T, string][]).map(([key, name]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}
