import { useTranslation } from 'react-i18next'
import { Button } from '../ui/Button.js'
import { Empty } from '../ui/states.js'

/** A page broke, or could not be fetched: say so and offer to load it anew. */
export const RouteFailure = () => {
  const { t } = useTranslation()
  return (
    <main className="min-h-dvh">
      <Empty
        title={t('common.failedTitle')}
        action={
          <Button look="next" onClick={() => window.location.reload()}>
            {t('common.tryAgain')}
          </Button>
        }
      >
        {t('common.awayText')}
      </Empty>
    </main>
  )
}
