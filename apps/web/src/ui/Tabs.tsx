import { NavLink } from 'react-router'
import { classes } from './classes.js'

/** Links that look like the tabs of a card index. */
export const TabLinks = ({
  label,
  tabs,
}: {
  readonly label: string
  readonly tabs: readonly { readonly to: string; readonly text: string }[]
}) => (
  <nav aria-label={label} className="-mb-px flex flex-wrap gap-1">
    {tabs.map(({ to, text }) => (
      <NavLink
        key={to}
        to={to}
        className={({ isActive }) =>
          classes(
            'rounded-t-lg border px-4 py-2 min-h-11 no-underline',
            isActive
              ? 'border-line border-b-leaf bg-leaf font-bold'
              : 'border-transparent text-ink-soft hover:bg-sunk hover:text-ink',
          )
        }
      >
        {text}
      </NavLink>
    ))}
  </nav>
)
