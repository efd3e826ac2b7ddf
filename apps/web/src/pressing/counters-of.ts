import type { DieRow, PressRun } from '@bold-heron/schema'

/** How many counters fall out of one run: of every opening of its dies, one a sheet. */
export const countersOf = (
  { dieIds, sheetCount }: Pick<PressRun, 'dieIds' | 'sheetCount'>,
  dies: ReadonlyMap<string, DieRow>,
): number => sheetCount * dieIds.reduce((sum, id) => sum + (dies.get(id)?.outline?.openings ?? 0), 0)
