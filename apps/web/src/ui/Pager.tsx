import { ChevronLeft, ChevronRight } from 'lucide-react'
import { useTranslation } from 'react-i18next'
import { IconButton } from './Button.js'

/** Turns the pages of a long list. */
export const Pager = ({
  page,
  pageSize,
  total,
  onTurn,
}: {
  readonly page: number
  readonly pageSize: number
  readonly total: number
  readonly onTurn: (page: number) => void
}) => {
  const { t } = useTranslation()
  const pages = Math.max(1, Math.ceil(total / pageSize))
  if (pages === 1) return null
  return (
    <nav aria-label={t('common.pages')} className="flex items-center justify-center gap-3 pt-3">
      <IconButton label={t('common.pageBefore')} disabled={page <= 1} onClick={() => onTurn(page - 1)}>
        <ChevronLeft aria-hidden />
      </IconButton>
      <span>{t('common.pageOf', { page, pages })}</span>
      <IconButton label={t('common.pageAfter')} disabled={page >= pages} onClick={() => onTurn(page + 1)}>
        <ChevronRight aria-hidden />
      </IconButton>
    </nav>
  )
}
