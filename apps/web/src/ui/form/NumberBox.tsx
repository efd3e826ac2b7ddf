import { type InputHTMLAttributes, useState } from 'react'

/** The box of a number, which may be empty or out of its range for a moment while it is typed; left so, it shows again what holds. */
export const NumberBox = ({
  value,
  step = 1,
  least,
  most,
  onChange,
  onEmpty,
  ...box
}: {
  readonly value: number | null
  readonly step?: number
  readonly least: number
  readonly most: number
  readonly onChange: (value: number) => void
  /** Where none is an answer too. */
  readonly onEmpty?: () => void
} & Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'onChange' | 'type' | 'step' | 'min' | 'max'>) => {
  const [typed, setTyped] = useState<string>()
  return (
    <input
      {...box}
      type="number"
      step={step}
      min={least}
      max={most}
      value={typed ?? (value === null ? '' : Number(value.toFixed(2)))}
      onChange={(event) => {
        setTyped(event.target.value)
        const next = event.target.valueAsNumber
        if (event.target.value === '') onEmpty?.()
        else if (next >= least && next <= most && (step < 1 || Number.isInteger(next))) onChange(next)
      }}
      onBlur={() => setTyped(undefined)}
    />
  )
}
