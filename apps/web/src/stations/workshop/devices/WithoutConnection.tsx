import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { takenAlongAt } from '../../../data/taking-along.js'
import { sayTime } from '../../../text/dates.js'

/** On a device: whether it goes on without a connection, and from when what it took along is. */
export const WithoutConnection = () => {
  const { t } = useTranslation()
  const taken = useQuery({
    queryKey: ['taken-along'],
    queryFn: async () => (await takenAlongAt()) ?? null,
    refetchInterval: 5_000,
  }).data
  const keepsPages = 'serviceWorker' in navigator && navigator.serviceWorker.controller !== null
  return (
    <p role="status">
      {!keepsPages
        ? t('workshop.devices.offline.no')
        : taken
          ? t('workshop.devices.offline.yes', { time: sayTime(new Date(taken).toISOString()) })
          : t('workshop.devices.offline.soon')}
    </p>
  )
}
