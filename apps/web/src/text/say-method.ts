import type { RegionId, TechniqueId } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** What a technique in a region is called: "edge partial"; where that has no name of its own, the technique's. */
export const sayMethod = (t: TFunction<'app'>, technique: TechniqueId, region: RegionId): string =>
  t([`words.method.${technique}.${region}`, `words.technique.${technique}`] as never)
