import type { ReactNode } from 'react'
import { classes } from '../classes.js'

/** A box to tick, with what it stands for beside it. */
export const Tick = ({
  checked,
  onChange,
  className,
  children,
}: {
  readonly checked: boolean
  readonly onChange: () => void
  readonly className?: string
  readonly children: ReactNode
}) => (
  <label className={classes('flex min-h-11 items-center gap-2', className)}>
    <input type="checkbox" className="size-5 accent-accent" checked={checked} onChange={onChange} />
    {children}
  </label>
)
