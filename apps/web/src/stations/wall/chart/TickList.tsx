import type { ReactNode } from 'react'
import { classes } from '../../../ui/classes.js'
import { Tick } from '../../../ui/form/Tick.js'

/** Things to tick, some of them or none. */
export const TickList = <Item,>({
  items,
  chosen,
  className,
  onChange,
}: {
  readonly items: readonly { readonly key: Item; readonly shown: ReactNode }[]
  readonly chosen: readonly Item[]
  readonly className: string
  readonly onChange: (chosen: Item[]) => void
}) => (
  <ul className={classes('mt-1 overflow-y-auto', className)}>
    {items.map(({ key, shown }) => (
      <li key={String(key)}>
        <Tick
          checked={chosen.includes(key)}
          onChange={() => onChange(chosen.includes(key) ? chosen.filter((each) => each !== key) : [...chosen, key])}
        >
          {shown}
        </Tick>
      </li>
    ))}
  </ul>
)
