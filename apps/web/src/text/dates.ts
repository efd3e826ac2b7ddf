import { format } from 'date-fns'

/** A time as it is said at the bench: `12 Jun 2026, 14:05`. */
export const sayTime = (iso: string): string => format(new Date(iso), 'd MMM yyyy, HH:mm')

/** The time of a day: `14:05`. */
export const sayClock = (iso: string): string => format(new Date(iso), 'HH:mm')

/** A day: `12 Jun 2026`. */
export const sayDay = (iso: string): string => format(new Date(iso), 'd MMM yyyy')
