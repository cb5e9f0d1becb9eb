import { Field, Label, Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react'
import { Check, ChevronDown } from 'lucide-react'
import { inputLook } from '../../fields/Field'
import { familyOf, usePrintFace } from './printFaces'
import { useTypefaces } from './useTypefaces'

interface Props {
  label: string
  value: string
  onChange: (typeface: string) => void
}

/** A typeface, each shown by its own letters. */
export function TypefaceChoice({ label, value, onChange }: Props) {
  const typefaces = useTypefaces()
  usePrintFace(value)
  return (
    <Field className="min-w-0">
      <Label className="mb-0.5 block text-[13px] text-soft">{label}</Label>
      <Listbox value={value} onChange={onChange}>
        <ListboxButton className={`${inputLook} flex items-center justify-between text-left`}>
          <span className="truncate" style={{ fontFamily: familyOf(value) }}>
            {value}
          </span>
          <ChevronDown size={16} aria-hidden className="shrink-0" />
        </ListboxButton>
        <ListboxOptions
          anchor={{ to: 'bottom start', gap: 2 }}
          className="z-50 max-h-80! w-(--button-width) overflow-y-auto border border-edge bg-paper shadow-[0_2px_10px_rgb(34_41_58/0.22)] focus:outline-none"
        >
          {typefaces.map(({ name }) => (
            <Face key={name} name={name} />
          ))}
        </ListboxOptions>
      </Listbox>
    </Field>
  )
}

function Face({ name }: { name: string }) {
  usePrintFace(name)
  return (
    <ListboxOption
      value={name}
      className="group flex min-h-10 cursor-pointer items-center justify-between gap-2 px-2.5 data-focus:bg-wash"
    >
      <span className="truncate text-[19px] leading-7" style={{ fontFamily: familyOf(name) }}>
        {name}
      </span>
      <Check size={16} aria-hidden className="invisible shrink-0 text-woad group-data-selected:visible" />
    </ListboxOption>
  )
}
