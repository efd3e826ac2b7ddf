import { Slider as Radix } from 'radix-ui'
import { useId, type ReactNode } from 'react'

/** A slider with its label and what it stands at. */
export const Slider = ({
  label,
  shown,
  value,
  least,
  most,
  step,
  marks,
  onChange,
}: {
  readonly label: ReactNode
  /** What the value means, in words; read out too. */
  readonly shown: string
  readonly value: number
  readonly least: number
  readonly most: number
  readonly step: number
  /** Small marks on the rail, such as where the plan stands. */
  readonly marks?: readonly number[]
  readonly onChange: (value: number) => void
}) => {
  const id = useId()
  return (
    <div>
      <div className="flex items-baseline justify-between gap-2 leading-tight">
        <span id={id}>{label}</span>
        <output className="font-bold whitespace-nowrap">{shown}</output>
      </div>
      <Radix.Root
        className="relative flex h-7 touch-none items-center select-none"
        min={least}
        max={most}
        step={step}
        value={[value]}
        onValueChange={([next]) => next !== undefined && onChange(next)}
      >
        <Radix.Track className="relative h-1.5 grow rounded-full bg-line">
          <Radix.Range className="absolute h-full rounded-full bg-ink/60" />
          {marks?.map((mark) => (
            <span
              key={mark}
              aria-hidden
              className="absolute -top-1 h-3.5 w-0.5 bg-ink"
              style={{ left: `${(100 * (mark - least)) / (most - least)}%` }}
            />
          ))}
        </Radix.Track>
        <Radix.Thumb
          aria-labelledby={id}
          aria-valuetext={shown}
          className="block size-6 rounded-full border-2 border-ink bg-leaf shadow hover:bg-sunk"
        />
      </Radix.Root>
    </div>
  )
}
