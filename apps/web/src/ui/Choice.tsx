import { ToggleGroup } from 'radix-ui'
import type { ReactNode } from 'react'
import { classes } from './classes.js'

/** A few choices side by side, one of them on. */
export const Choice = <Value extends string>({
  label,
  value,
  options,
  tall = false,
  onChange,
}: {
  readonly label: string
  readonly value: Value
  readonly options: readonly { readonly value: Value; readonly text: ReactNode; readonly spoken?: string }[]
  /** For wet fingers and a metre's distance. */
  readonly tall?: boolean
  readonly onChange: (value: Value) => void
}) => (
  <ToggleGroup.Root
    type="single"
    aria-label={label}
    value={value}
    onValueChange={(next) => next !== '' && onChange(next as Value)}
    className="inline-flex flex-wrap overflow-hidden rounded-md border border-ink/40 bg-leaf print:hidden"
  >
    {options.map((option) => (
      <ToggleGroup.Item
        key={option.value}
        value={option.value}
        aria-label={option.spoken}
        className={classes(
          'min-w-9 px-3 py-1 font-bold hover:bg-sunk data-[state=on]:bg-ink data-[state=on]:text-leaf',
          tall ? 'min-h-11' : 'min-h-9',
        )}
      >
        {option.text}
      </ToggleGroup.Item>
    ))}
  </ToggleGroup.Root>
)
