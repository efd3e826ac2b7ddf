import { useTranslation } from 'react-i18next'
import { ButtonLink } from './Button.js'
import { Empty } from './states.js'

export const Component = () => {
  const { t } = useTranslation()
  return (
    <Empty
      title={t('common.notThereTitle')}
      action={
        <ButtonLink look="next" to="/jobs">
          {t('jobs.title')}
        </ButtonLink>
      }
    >
      {t('common.notThereText')}
    </Empty>
  )
}
