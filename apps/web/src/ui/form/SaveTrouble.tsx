import { useTranslation } from 'react-i18next'
import { AwayError } from '../../data/client.js'
import { sayTrouble } from '../../text/say-trouble.js'

/** What went wrong with saving as a whole; what was typed is still there. */
export const SaveTrouble = ({ error }: { readonly error: unknown }) => {
  const { t } = useTranslation()
  if (!error) return null
  return (
    <p role="alert" className="rounded-md border border-danger/50 bg-danger-wash p-3 text-danger">
      {error instanceof AwayError && `${t('common.awayTitle')}. `}
      {sayTrouble(t, error)}
    </p>
  )
}
