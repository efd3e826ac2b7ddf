import type { EveningAnswer, QueuedRunsAnswer } from '@bold-heron/schema'
import type { TFunction } from 'i18next'

/** A moment of the evening: minutes from the beginning, or a time where it is known when it begins. */
export const sayMoment = (t: TFunction<'app'>, minutes: number, beginsAt: string | null): string => {
  if (beginsAt === null) return t('wall.evening.minute', { minutes: Math.round(minutes) })
  const at = new Date(new Date(beginsAt).getTime() + 60_000 * minutes)
  return `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`
}

/** Minutes as people say them. */
export const sayMinutes = (t: TFunction<'app'>, minutes: number): string => {
  const whole = Math.round(minutes)
  return whole < 90
    ? t('wall.evening.minutes', { count: whole })
    : t('wall.evening.hours', { hours: Math.floor(whole / 60), minutes: whole % 60 })
}

const counted = (plates: readonly { readonly plateId: string }[], names: EveningAnswer['names']): string => {
  const counts = new Map<string, number>()
  for (const { plateId } of plates) counts.set(plateId, (counts.get(plateId) ?? 0) + 1)
  return [...counts].map(([id, count]) => (count > 1 ? `${count} × ${names[id] ?? ''}` : (names[id] ?? ''))).join(', ')
}

/** What changes in the stack before some runs, in words. */
export const sayChanges = (
  t: TFunction<'app'>,
  { changes }: QueuedRunsAnswer,
  names: EveningAnswer['names'],
): string[] => [
  ...(changes.out.length > 0 ? [t('wall.evening.takeOut', { plates: counted(changes.out, names) })] : []),
  ...(changes.into.length > 0 ? [t('wall.evening.putIn', { plates: counted(changes.into, names) })] : []),
  ...(changes.turned.length > 0 ? [t('wall.evening.turn', { plates: counted(changes.turned, names) })] : []),
]

/** What some runs are of: the jobs that they give pieces to. */
export const sayJobs = ({ jobIds }: Pick<QueuedRunsAnswer, 'jobIds'>, names: EveningAnswer['names']): string =>
  jobIds.map((id) => names[id] ?? '').join(' + ')
