import { Trash2 } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { useNavigate } from 'react-router'
import { type Kind, useMarkRow } from '../../data/rows.js'
import { Button } from '../Button.js'
import { useSay } from '../toasts.js'

/** Deletes a record, says so with a way back, and leads to where the others are. */
export const RemoveButton = ({
  kind,
  id,
  said,
  to,
  look = 'danger',
  className,
  before,
}: {
  readonly kind: Kind
  readonly id: string
  /** Said once it is deleted. */
  readonly said: string
  readonly to: string
  readonly look?: 'danger' | 'quiet'
  readonly className?: string
  /** Lets go of what hangs on it, before the page is left. */
  readonly before?: () => void
}) => {
  const { t } = useTranslation()
  const navigate = useNavigate()
  const say = useSay()
  const mark = useMarkRow(kind)
  const remove = async () => {
    await mark.mutateAsync({ id, mark: 'delete' })
    before?.()
    say(said, { undo: () => mark.mutate({ id, mark: 'restore' }) })
    await navigate(to)
  }
  return (
    <Button look={look} className={className} icon={<Trash2 aria-hidden size={18} />} onClick={() => void remove()}>
      {t('common.delete')}
    </Button>
  )
}
