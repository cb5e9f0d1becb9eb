import { Field, inputLook } from './Field'

interface Props {
  label: string
  /** What each value is called. */
  options: Record<string, string>
  value: string
  onChange: (value: string) => void
}

/** One of a few, from a list that drops down. */
export function Choice({ label, options, value, onChange }: Props) {
  return (
    <Field label={label}>
      {(ids) => (
        <select {...ids} className={inputLook} value={value} onChange={(event) => onChange(event.target.value)}>
          {Object.entries(options).map(([key, name]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </select>
      )}
    </Field>
  )
}
