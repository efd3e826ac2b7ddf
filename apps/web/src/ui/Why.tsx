import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'

/** A number that can be asked "why?": it opens the words and the arithmetic behind it. */
export const Why = ({
  about,
  shown,
  children,
}: {
  /** What the number is, for people who hear the page. */
  readonly about: string
  readonly shown: ReactNode
  readonly children: ReactNode
}) => {
  const { t } = useTranslation()
  return (
    <Popover.Root>
      <Popover.Trigger
        className="min-h-6 rounded-sm underline decoration-dotted decoration-2 underline-offset-4 hover:bg-sunk print:no-underline"
        aria-label={t('common.whyIs', { about })}
      >
        {shown}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="z-50 max-w-sm rounded-lg border border-line bg-leaf p-4 text-base leading-snug shadow-xl"
          sideOffset={6}
          collisionPadding={12}
          aria-label={about}
        >
          <div className="space-y-2">{children}</div>
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
