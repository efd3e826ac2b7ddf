import { type TechniqueId, techniqueIds, techniqueOf } from './list.js'

/** Whether runs of a technique teach the strength of their sheet; it is then cut with some die, which has its part in it. */
export const teachesSheet = (technique: TechniqueId): boolean => techniqueOf(technique).resists === 'sheet'

/** A name for what the strength stands for that a run of a technique on a sheet teaches. */
export const resistOf = (technique: TechniqueId, sheetId: string): string =>
  teachesSheet(technique) ? sheetId : techniqueOf(technique).resists

/** The techniques whose runs teach the same strength as one's do; where that is of a sheet, those on the same sheet. */
export const teachingLike = (technique: TechniqueId): readonly TechniqueId[] =>
  techniqueIds.filter((other) => techniqueOf(other).resists === techniqueOf(technique).resists)
