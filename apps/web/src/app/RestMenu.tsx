import { BookA, Check, Keyboard, Menu } from 'lucide-react'
import { DropdownMenu } from 'radix-ui'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { chooseScheme, type Scheme, schemes, useScheme } from '../data/scheme.js'
import { IconButton } from '../ui/Button.js'
import { restStations } from './stations.js'

const itemClass =
  'flex min-h-12 items-center gap-3 rounded-md px-3 no-underline outline-none data-[highlighted]:bg-sunk data-[highlighted]:font-bold'

/** The way to what is wanted now and then: practice, words, the workshop, the keys. */
export const RestMenu = ({ onKeys }: { readonly onKeys: () => void }) => {
  const { t } = useTranslation()
  const scheme = useScheme()
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <IconButton label={t('frame.rest')} className="size-11">
          <Menu aria-hidden size={22} />
        </IconButton>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-52 rounded-lg border border-line bg-leaf p-1.5 shadow-lg print:hidden"
        >
          {restStations.map(({ id, nav: { icon: Icon } }) => (
            <DropdownMenu.Item key={id} asChild>
              <Link to={`/${id}`} className={itemClass}>
                <Icon aria-hidden size={18} />
                {t(`${id}.nav`)}
              </Link>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Item asChild>
            <Link to="/words" className={itemClass}>
              <BookA aria-hidden size={18} />
              {t('terms.all')}
            </Link>
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.RadioGroup
            value={scheme}
            onValueChange={(next) => chooseScheme(next as Scheme)}
            aria-label={t('frame.scheme.label')}
          >
            {schemes.map((each) => (
              <DropdownMenu.RadioItem key={each} value={each} className={`${itemClass} cursor-pointer`}>
                <span className="grid size-[18px] place-items-center">
                  <DropdownMenu.ItemIndicator>
                    <Check aria-hidden size={18} />
                  </DropdownMenu.ItemIndicator>
                </span>
                {t(`frame.scheme.${each}`)}
              </DropdownMenu.RadioItem>
            ))}
          </DropdownMenu.RadioGroup>
          <DropdownMenu.Separator className="my-1 h-px bg-line" />
          <DropdownMenu.Item className={`${itemClass} cursor-pointer`} onSelect={onKeys}>
            <Keyboard aria-hidden size={18} />
            {t('frame.shortcuts')}
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
