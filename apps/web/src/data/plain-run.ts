import { type HouseRules, techniqueOf, usualTechniqueFor } from '@bold-heron/core'
import type { DieRow, PressRun } from '@bold-heron/schema'

/** One sheet under one die, pressed as dies of its class usually are. */
export const plainRunOf = (
  { id, dieClass }: Pick<DieRow, 'id' | 'dieClass'>,
  sheetId: string,
  rules: Pick<HouseRules, 'bladeSide'> | undefined,
): Pick<PressRun, 'technique' | 'region' | 'dieIds' | 'sheetId' | 'sheetCount' | 'bladeSide'> => {
  const technique = usualTechniqueFor(dieClass)
  return {
    technique,
    region: 'all',
    dieIds: [id],
    sheetId,
    sheetCount: 1,
    bladeSide: techniqueOf(technique).bladeSide ?? rules?.bladeSide ?? 'down',
  }
}
