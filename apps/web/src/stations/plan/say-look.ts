import { type TechniqueId, techniqueOf } from '@bold-heron/core'
import type { TFunction } from 'i18next'

/** How what was pressed is looked at, as the Bench's guide asks for it. */
export const sayLook = (t: TFunction<'app'>, technique: TechniqueId): string => {
  const [first] = techniqueOf(technique).guide.finally
  return t(`plan.passes.lookBy.${(first ?? 'look') as 'look'}`)
}
