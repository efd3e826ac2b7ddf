import { type TechniqueId, techniqueIds, USUAL_PER_BASE } from '@bold-heron/core'
import { z } from 'zod'
import type { Of } from '../plain.js'
import { dieHolds } from '../entered/die.js'
import { namedOnce } from '../entered/named-once.js'
import { pressedWhatFields } from '../entered/press-run.js'
import { sheetInput } from '../entered/sheet.js'
import { MOST_CHART_COLUMNS, MOST_CHART_ROWS } from '../entered/chart.js'
import {
  drawnDieFields,
  drawnTwice,
  handle,
  houseRulesInFile,
  notDrawnTwice,
  plateInFile,
  platesFit,
  pressInFile,
} from './things-in-file.js'

/** The input of `chart`: format `bold-heron/chart`, version 1. Described in docs/chart-file.md. */
export const chartFile = z
  .object({
    format: z.literal('bold-heron/chart'),
    version: z.literal(1),
    technique: z.enum(techniqueIds as readonly [TechniqueId, ...TechniqueId[]]).default('cut'),
    press: pressInFile,
    plates: z.array(plateInFile).min(1).max(500),
    /** A row each. */
    dies: z
      .array(
        z
          .object({ ...drawnDieFields, id: handle.optional() })
          .superRefine(dieHolds)
          .refine(notDrawnTwice, drawnTwice),
      )
      .min(1)
      .max(MOST_CHART_ROWS),
    /** A column each. */
    sheets: z
      .array(z.object({ ...sheetInput.shape, id: handle.optional() }))
      .min(1)
      .max(MOST_CHART_COLUMNS),
    bladeSide: pressedWhatFields.bladeSide.default('down'),
    perBase: z.number().min(0.1).max(50).default(USUAL_PER_BASE),
    /** Whether the answer lists every base that was chosen among. */
    withCandidates: z.boolean().default(false),
    houseRules: houseRulesInFile,
  })
  .superRefine(({ plates, press, dies, sheets }, context) => {
    platesFit({ plates, presses: [press] }, context, () => ['press'])
    namedOnce(context, 'dies', dies, { key: 'id' })
    namedOnce(context, 'sheets', sheets, { key: 'id' })
  })
export type ChartFile = Of<typeof chartFile>
