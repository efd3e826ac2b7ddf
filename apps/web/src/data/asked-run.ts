import { type HouseRules, techniqueOf, usualTechniqueFor } from '@bold-heron/core'
import type { DieRow, PressRun } from '@bold-heron/schema'
import { useState } from 'react'
import { useHouseRules } from './house-rules.js'
import { useEveryRow, useNewestRunWith } from './rows.js'

/** One sheet under one die, pressed as dies of its class usually are. */
const plainRunOf = (
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

/** A die and a sheet that are picked in a sentence; the sheet is what the die was last pressed with until another is picked. */
export const useAskedRun = () => {
  const rules = useHouseRules().data
  const dies = useEveryRow('dies').data ?? []
  const [dieId, pickDie] = useState('')
  const [pickedSheetId, pickSheet] = useState('')
  const last = useNewestRunWith(dieId).data
  const sheetId = pickedSheetId || (last?.sheetId ?? '')
  const die = dies.find(({ id }) => id === dieId)
  return {
    dieId,
    pickDie,
    sheetId,
    pickSheet,
    die,
    last,
    run: die && sheetId ? plainRunOf(die, sheetId, rules) : undefined,
  }
}
