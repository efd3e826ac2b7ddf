import { Tabs } from 'radix-ui'
import type { ReactNode } from 'react'
import { classes } from './classes.js'
import { Panel } from './Panel.js'

/** A panel with leaves, one of them in view; on a broad screen that asks for it all stand side by side. */
export const LeavesOrBeside = <Name extends string>({
  isBeside,
  ...tabbed
}: Parameters<typeof TabbedPanel<Name>>[0] & { readonly isBeside: boolean }) =>
  isBeside ? (
    <div className="grid grid-cols-[minmax(0,1.3fr)_minmax(0,1fr)] items-start gap-3">
      {tabbed.leaves.map(({ name, title, content }, at) => (
        <Panel key={name} title={title} aside={at === 0 && tabbed.aside}>
          {content}
        </Panel>
      ))}
    </div>
  ) : (
    <TabbedPanel {...tabbed} />
  )

/** A panel with leaves, one of them in view. */
export const TabbedPanel = <Name extends string>({
  label,
  leaves,
  open,
  onOpen,
  aside,
  className,
}: {
  readonly label: string
  readonly leaves: readonly { readonly name: Name; readonly title: string; readonly content: ReactNode }[]
  readonly open: Name
  readonly onOpen: (name: Name) => void
  readonly aside?: ReactNode
  readonly className?: string
}) => (
  <Tabs.Root
    value={open}
    onValueChange={(name) => onOpen(name as Name)}
    className={classes('rounded-lg border border-line bg-leaf p-4', className)}
  >
    <div className="mb-2 flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
      <Tabs.List aria-label={label} className="flex flex-wrap gap-x-4">
        {leaves.map(({ name, title }) => (
          <Tabs.Trigger
            key={name}
            value={name}
            className={classes(
              'min-h-8 border-b-3 font-display text-lg leading-tight font-semibold',
              name === open ? 'border-accent' : 'border-transparent text-ink-soft hover:border-line hover:text-ink',
            )}
          >
            {title}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {aside}
    </div>
    {leaves.map(({ name, content }) => (
      <Tabs.Content key={name} value={name}>
        {content}
      </Tabs.Content>
    ))}
  </Tabs.Root>
)
