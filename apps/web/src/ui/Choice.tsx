import { ToggleGroup } from 'radix-ui'
import type { ReactNode } from 'react'

/** A few choices side by side, one of them on. */
export const Choice = <Value extends string>({
  label,
  value,
  options,
  onChange,
}: {
  readonly label: string
  readonly value: Value
  readonly options: readonly { readonly value: Value; readonly text: ReactNode; readonly spoken?: string }[]
  readonly onChange: (value: Value) => void
}) => (
  <ToggleGroup.Root
    type="single"
    aria-label={label}
    value={value}
    onValueChange={(next) => next !== '' && onChange(next as Value)}
    className="inline-flex overflow-hidden rounded-md border border-ink/40 bg-leaf print:hidden"
  >
    {options.map((option) => (
      <ToggleGroup.Item
        key={option.value}
        value={option.value}
        aria-label={option.spoken}
        className="min-h-9 min-w-9 px-3 py-1 font-bold hover:bg-sunk data-[state=on]:bg-ink data-[state=on]:text-leaf"
      >
        {option.text}
      </ToggleGroup.Item>
    ))}
  </ToggleGroup.Root>
)
