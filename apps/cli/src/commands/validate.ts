import { dirname } from 'node:path'
import { formatOf, readDrawing } from '@bold-heron/formats'
import {
  borderFile,
  cardFile,
  chartFile,
  lookFile,
  nestFile,
  planFile,
  recipeFile,
  simulationFile,
  workshopFile,
} from '@bold-heron/schema'
import { sayDrawingFault } from '@bold-heron/words'
import { Faults } from '../faults.js'
import { judged, readJson, readText } from '../read-file.js'
import { requestOfChart } from './chart.js'
import { judgedEvening } from './evening.js'
import { requestOf } from './plan.js'
import { pressingOf } from './simulate.js'

const checks: Readonly<Record<string, (input: unknown, folder: string) => unknown>> = {
  'bold-heron/simulation': (input, folder) => pressingOf(judged(simulationFile, input), folder),
  'bold-heron/plan': (input, folder) => requestOf(judged(planFile, input), folder),
  'bold-heron/chart': (input, folder) => requestOfChart(judged(chartFile, input), folder),
  'bold-heron/evening': judgedEvening,
  'bold-heron/card': (input) => judged(cardFile, input),
  'bold-heron/border': (input) => judged(borderFile, input),
  'bold-heron/nest': (input) => judged(nestFile, input),
  'bold-heron/look': (input) => judged(lookFile, input),
  'bold-heron/recipe': (input) => judged(recipeFile, input),
  'bold-heron/workshop': (input) => judged(workshopFile, input),
}

/** Checks a file of any format Bold Heron reads: its JSON formats by their `format`, drawings by their ending. */
export const validate = async (file: string) => {
  const drawing = formatOf(file)
  if (drawing?.read) {
    const read = await readDrawing(file, readText(file))
    if (!read.ok) throw new Faults([(t) => sayDrawingFault(t, file, read.fault)])
    return { valid: true, format: drawing.ending }
  }
  const input = readJson(file)
  const format = (input as { format?: unknown } | null)?.format
  const check = typeof format === 'string' && Object.hasOwn(checks, format) ? checks[format] : undefined
  if (!check)
    throw new Faults([
      (t) =>
        t('files.unknown-format', {
          value: JSON.stringify(format)?.slice(0, 60) ?? t('files.format-missing'),
          limit: Object.keys(checks).join(', '),
        }),
    ])
  await check(input, dirname(file))
  return { valid: true, format }
}
