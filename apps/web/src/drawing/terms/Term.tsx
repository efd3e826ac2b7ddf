import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { Popover } from 'radix-ui'
import type { TermId } from './list.js'
import { TermPicture } from './TermPicture.js'

interface TermProps {
  readonly id: TermId
  readonly children: ReactNode
  /** As tall as a thumb, where it is asked with hands that are at work. */
  readonly tall?: boolean
}

/** A word of the trade that can be looked up where it stands. */
export const Term = ({ id, children, tall = false }: TermProps) => {
  const { t } = useTranslation()
  const name = t(`terms.name.${id}`)
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`${tall ? 'min-h-11 min-w-11' : 'min-h-6 min-w-6'} rounded-sm underline decoration-dotted decoration-1 underline-offset-4 hover:bg-sunk print:no-underline`}
        aria-label={t('terms.open', { name })}
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          className="z-50 max-w-xs rounded-lg border border-line bg-leaf p-4 text-base leading-snug font-normal shadow-xl"
          sideOffset={6}
          collisionPadding={12}
          aria-label={name}
        >
          <TermPicture id={id} className="mx-auto" />
          <p>
            <strong>{name}.</strong> {t(`terms.say.${id}`)}
          </p>
          <Link to={`/words#${id}`} className="mt-2 inline-block font-bold">
            {t('terms.all')}
          </Link>
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
