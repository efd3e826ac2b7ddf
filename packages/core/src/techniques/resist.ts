import { type TechniqueId, techniqueIds, techniqueOf } from './list.js'

/** A name for what the strength stands for that a run of a technique on a sheet teaches. */
export const resistOf = (technique: TechniqueId, sheetId: string): string => {
  const { resists } = techniqueOf(technique)
  return resists === 'sheet' ? sheetId : resists
}

/** The techniques whose runs teach the same strength as one's do; where that is of a sheet, those on the same sheet. */
export const teachingLike = (technique: TechniqueId): readonly TechniqueId[] =>
  techniqueIds.filter((other) => techniqueOf(other).resists === techniqueOf(technique).resists)
