import type { ReactNode } from 'react'
import { classes } from './classes.js'

export type Tone = 'plain' | 'clean' | 'warn' | 'danger' | 'accent'

const tones: Record<Tone, string> = {
  plain: 'bg-sunk text-ink border-line',
  clean: 'bg-clean-wash text-clean border-clean/40',
  warn: 'bg-warn-wash text-warn border-warn/40',
  danger: 'bg-danger-wash text-danger border-danger/40',
  accent: 'bg-leaf text-accent-deep border-accent/60',
}

/** A word on a small coloured slip; the word carries the meaning, the colour only helps. */
export const Badge = ({
  tone = 'plain',
  icon,
  children,
}: {
  readonly tone?: Tone
  readonly icon?: ReactNode
  readonly children: ReactNode
}) => (
  <span
    className={classes(
      'inline-flex items-center gap-1 rounded border px-1.5 py-0.5 text-sm leading-tight whitespace-nowrap',
      tones[tone],
    )}
  >
    {icon}
    {children}
  </span>
)
