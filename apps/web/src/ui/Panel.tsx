import type { ReactNode } from 'react'
import { classes } from './classes.js'

/** A sheet of paper on the table, with a heading. */
export const Panel = ({
  title,
  aside,
  heading: Heading = 'h2',
  className,
  children,
}: {
  readonly title?: ReactNode
  readonly aside?: ReactNode
  /** `h1` where the panel is all there is to the page. */
  readonly heading?: 'h1' | 'h2'
  readonly className?: string
  readonly children: ReactNode
}) => (
  <section className={classes('rounded-lg border border-line bg-leaf p-4', className)}>
    {(title ?? aside) && (
      <header className="mb-2 flex items-baseline justify-between gap-3">
        {title && <Heading className="text-lg">{title}</Heading>}
        {aside}
      </header>
    )}
    {children}
  </section>
)
