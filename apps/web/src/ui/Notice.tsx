import type { ReactNode } from 'react'
import { classes } from './classes.js'

/** The mark that says without colour that something has to be minded. */
export const Mark = () => <span aria-hidden>▲ </span>

/** What is wrong with an entry, said where it is. */
export const Fault = ({
  id,
  className,
  children,
}: {
  readonly id?: string
  readonly className?: string | undefined
  readonly children: ReactNode
}) => (
  <p id={id} role="alert" className={classes('text-danger', className)}>
    <Mark />
    {children}
  </p>
)

const washes = { trouble: 'bg-danger-wash text-danger', warning: 'bg-warn-wash text-warn' } as const

/** Something to know before going on: one sentence, or a list of them. */
export const Notice = ({ is, children }: { readonly is: keyof typeof washes; readonly children: ReactNode }) => (
  <div role="status" className={classes('rounded px-3 py-2', washes[is])}>
    {children}
  </div>
)
