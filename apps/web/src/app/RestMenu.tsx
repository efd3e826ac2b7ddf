import { BookA, Keyboard, Menu } from 'lucide-react'
import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { chooseScheme, schemes, useScheme } from '../data/scheme.js'
import { IconButton } from '../ui/Button.js'
import { restStations } from './stations.js'

const lineClass =
  'flex min-h-12 w-full cursor-pointer items-center gap-3 rounded-md px-3 text-left no-underline hover:bg-sunk'

const WayTo = ({
  to,
  icon,
  children,
}: {
  readonly to: string
  readonly icon: ReactNode
  readonly children: string
}) => (
  <Popover.Close asChild>
    <Link to={to} className={lineClass}>
      {icon}
      {children}
    </Link>
  </Popover.Close>
)

/** Light or dark, by hand or as the system is. */
const SchemeChoice = () => {
  const { t } = useTranslation()
  const scheme = useScheme()
  return (
    <fieldset className="my-1 border-y border-line py-1">
      <legend className="sr-only">{t('frame.scheme.label')}</legend>
      {schemes.map((each) => (
        <label key={each} className={lineClass}>
          <input
            type="radio"
            name="scheme"
            className="size-[18px] accent-ink"
            checked={scheme === each}
            onChange={() => chooseScheme(each)}
          />
          {t(`frame.scheme.${each}`)}
        </label>
      ))}
    </fieldset>
  )
}

/** The way to what is wanted now and then: practice, words, the workshop, the keys. */
export const RestMenu = ({ onKeys }: { readonly onKeys: () => void }) => {
  const { t } = useTranslation()
  return (
    <Popover.Root>
      <Popover.Trigger asChild>
        <IconButton label={t('frame.rest')} className="size-11">
          <Menu aria-hidden size={22} />
        </IconButton>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          aria-label={t('frame.rest')}
          className="z-40 min-w-52 rounded-lg border border-line bg-leaf p-1.5 shadow-lg print:hidden"
        >
          {restStations.map(({ id, nav: { icon: Icon } }) => (
            <WayTo key={id} to={`/${id}`} icon={<Icon aria-hidden size={18} />}>
              {t(`${id}.nav`)}
            </WayTo>
          ))}
          <WayTo to="/words" icon={<BookA aria-hidden size={18} />}>
            {t('terms.all')}
          </WayTo>
          <SchemeChoice />
          <Popover.Close asChild>
            <button type="button" className={lineClass} onClick={onKeys}>
              <Keyboard aria-hidden size={18} />
              {t('frame.shortcuts')}
            </button>
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
