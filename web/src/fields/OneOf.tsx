interface Props<T extends string> {
  label: string
  /** What each value is called, in order. */
  options: Record<T, string>
  value: T
  onChange: (value: T) => void
}

/** One of two or three, all of them in sight. */
export function OneOf<T extends string>({ label, options, value, onChange }: Props<T>) {
  const all = Object.entries(options) as [T, string][]
  return (
    <div
      role="radiogroup"
      aria-label={label}
      className="grid"
      style={{ gridTemplateColumns: `repeat(${all.length}, 1fr)` }}
    >
      {all.map(([key, name]) => (
        <button
          key={key}
          role="radio"
          aria-checked={value === key}
          onClick={() => value !== key && onChange(key)}
          className={`h-8 border ${value === key ? 'border-woad bg-wash font-semibold' : 'border-edge bg-paper hover:border-woad'}`}
        >
          {name}
        </button>
      ))}
    </div>
  )
}
