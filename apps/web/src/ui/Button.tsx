import type { AnchorHTMLAttributes, ButtonHTMLAttributes, ReactNode, Ref } from 'react'
import { Link, type LinkProps } from 'react-router'
import { classes } from './classes.js'

/** `next` is the one thing to do next on a screen; there is at most one. */
type ButtonLook = 'next' | 'plain' | 'quiet' | 'danger'

const looks: Record<ButtonLook, string> = {
  next: 'bg-accent text-white hover:bg-accent-deep border-accent',
  plain: 'bg-leaf text-ink hover:bg-sunk border-ink/40',
  quiet: 'bg-transparent text-ink hover:bg-sunk border-transparent',
  danger: 'bg-leaf text-danger hover:bg-danger-wash border-danger/50',
}
const shape =
  'inline-flex items-center justify-center gap-2 rounded-md border px-3.5 py-2 min-h-11 font-bold leading-tight ' +
  'disabled:opacity-50 no-underline whitespace-nowrap print:hidden'

interface Look {
  readonly look?: ButtonLook
  readonly icon?: ReactNode
}

export const Button = ({
  look = 'plain',
  icon,
  className,
  children,
  type = 'button',
  ...rest
}: Look & ButtonHTMLAttributes<HTMLButtonElement> & { ref?: Ref<HTMLButtonElement> }) => (
  <button type={type} className={classes(shape, looks[look], className)} {...rest}>
    {icon}
    {children}
  </button>
)

export const ButtonLink = ({ look = 'plain', icon, className, children, ...rest }: Look & LinkProps) => (
  <Link className={classes(shape, looks[look], className)} {...rest}>
    {icon}
    {children}
  </Link>
)

/** Looks as a button and saves what the address gives as a file. */
export const DownloadLink = ({
  look = 'plain',
  icon,
  className,
  children,
  ...rest
}: Look & AnchorHTMLAttributes<HTMLAnchorElement>) => (
  <a className={classes(shape, looks[look], className)} {...rest}>
    {icon}
    {children}
  </a>
)

/** A button that shows only an icon; its label is read out and shown on hovering. */
export const IconButton = ({
  label,
  look = 'quiet',
  className,
  children,
  ...rest
}: Look & { readonly label: string } & ButtonHTMLAttributes<HTMLButtonElement> & { ref?: Ref<HTMLButtonElement> }) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    className={classes(
      'inline-grid size-9 place-items-center rounded-md border disabled:opacity-40 print:hidden',
      looks[look],
      className,
    )}
    {...rest}
  >
    {children}
  </button>
)
