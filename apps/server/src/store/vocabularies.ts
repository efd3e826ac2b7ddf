import {
  dieClasses,
  handleFeels,
  plateKinds,
  pressClasses,
  regionIds,
  roles,
  seenOutcomes,
  sheetKinds,
  techniqueIds,
} from '@bold-heron/core'
import type { Sequelize } from 'sequelize'

/** The words that rows may use, by the table that holds them: the core's own lists. */
const vocabularies: Readonly<Record<string, readonly string[]>> = {
  techniques: techniqueIds,
  regions: regionIds,
  roles,
  looks: seenOutcomes,
  feels: handleFeels,
  die_classes: dieClasses,
  plate_kinds: plateKinds,
  sheet_kinds: sheetKinds,
  press_classes: pressClasses,
}

/** Adds the words that are not there yet; words of before stay, as rows may use them. */
export const fillVocabularies = async (sequelize: Sequelize): Promise<void> => {
  for (const [table, words] of Object.entries(vocabularies))
    await sequelize.query(`INSERT INTO ${table} SELECT unnest(array[:words]) ON CONFLICT DO NOTHING`, {
      replacements: { words: [...words] },
    })
}
