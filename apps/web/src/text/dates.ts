import i18next from 'i18next'

const two = (number: number): string => String(number).padStart(2, '0')

/** The time of a day: `14:05`. */
export const sayClock = (iso: string): string => {
  const at = new Date(iso)
  return `${two(at.getHours())}:${two(at.getMinutes())}`
}

/** A day: `12 Jun 2026`. */
export const sayDay = (iso: string): string => {
  const at = new Date(iso)
  const months = i18next.t('common.months', { ns: 'app' }).split(' ')
  return i18next.t('common.day', {
    ns: 'app',
    day: at.getDate(),
    month: months[at.getMonth()] ?? '',
    year: at.getFullYear(),
  })
}

/** A time as it is said at the bench: `12 Jun 2026, 14:05`. */
export const sayTime = (iso: string): string => `${sayDay(iso)}, ${sayClock(iso)}`
