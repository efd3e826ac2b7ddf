import type { Plate } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** How the leaves of a platform are to be set, in words; undefined for a plate that has none. */
export const sayLeaves = (t: TFunction<'app'>, { leaves }: Plate): string | undefined => {
  if (!leaves) return undefined
  const named = (isClosed: boolean) =>
    leaves
      .filter((leaf) => leaf.isClosed === isClosed)
      .map(({ name }) => name)
      .join(', ')
  return [
    ...(named(true) ? [t('bench.lay.closed', { leaves: named(true) })] : []),
    ...(named(false) ? [t('bench.lay.open', { leaves: named(false) })] : []),
  ].join(' ')
}
