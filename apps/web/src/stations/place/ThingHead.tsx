import { X } from 'lucide-react'
import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { IconButton } from '../../ui/Button.js'

/** A thing's line in a list: its name, which chooses it, what else there is to do with it, and taking it away. */
export const ThingHead = ({
  name,
  title = name,
  isOpen,
  onOpen,
  onTake,
  children,
}: {
  readonly name: string
  /** What stands there, where it is more than the name. */
  readonly title?: string
  readonly isOpen: boolean
  readonly onOpen: () => void
  readonly onTake: () => void
  readonly children?: ReactNode
}) => {
  const { t } = useTranslation()
  return (
    <div className="flex items-center gap-1">
      <button
        type="button"
        className="flex-1 rounded-sm text-left font-bold hover:underline"
        aria-expanded={isOpen}
        onClick={onOpen}
      >
        {title}
      </button>
      {children}
      <IconButton label={t('place.things.take', { name })} onClick={onTake}>
        <X aria-hidden size={16} />
      </IconButton>
    </div>
  )
}
