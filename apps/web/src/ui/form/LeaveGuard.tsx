import { useTranslation } from 'react-i18next'
import { useBlocker } from 'react-router'
import { Confirm } from '../Confirm.js'

/** Asks before what was typed is left behind. */
export const LeaveGuard = ({ isDirty }: { readonly isDirty: () => boolean }) => {
  const { t } = useTranslation()
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => currentLocation.pathname !== nextLocation.pathname && isDirty(),
  )
  return (
    <Confirm
      open={blocker.state === 'blocked'}
      title={t('common.leaveTitle')}
      yes={t('common.leaveYes')}
      no={t('common.leaveNo')}
      onYes={() => blocker.proceed?.()}
      onNo={() => blocker.reset?.()}
      danger
    >
      {t('common.leaveText')}
    </Confirm>
  )
}
