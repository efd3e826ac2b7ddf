import { z } from 'zod'
import type { Of } from '../plain.js'
import { dieInput } from '../entered/die.js'
import { nameField } from '../entered/fields.js'
import { plateInput } from '../entered/plate.js'
import { knownGoodStack, pressInput } from '../entered/press.js'
import { sheetInput } from '../entered/sheet.js'

const MOST_PLATES = 40

/** A first press with what lies beside it, put in at one go: all of it is saved, or nothing. */
export const setupInput = z
  .object({
    press: pressInput.omit({ knownGood: true, felt: true, lowMiddleMm: true }),
    plates: z.array(plateInput).min(1).max(MOST_PLATES),
    /** A stack known to cut clean, its pieces given as places in `plates`; null where none is known yet. */
    known: knownGoodStack
      .omit({ plateIds: true })
      .extend({
        plateAt: z
          .array(
            z
              .int()
              .min(0)
              .max(MOST_PLATES - 1),
          )
          .min(1)
          .max(16),
      })
      .nullable(),
    die: dieInput,
    sheet: sheetInput,
    jobName: nameField,
  })
  .refine(({ known, plates }) => known === null || known.plateAt.every((at) => at < plates.length), {
    path: ['known', 'plateAt'],
    error: 'not-among-plates',
  })
export type SetupInput = Of<typeof setupInput>
