import { USUAL_PER_BASE } from '@bold-heron/core'
import type { ChartInput } from '@bold-heron/schema'

/** What a chart begins with: all dies and sheets of a press, for cutting. */
export const blankChart = (pressId: string, name: string): ChartInput => ({
  name,
  pressId,
  technique: 'cut',
  rows: { by: 'dies', dieIds: [] },
  columns: { by: 'sheets', sheetIds: [] },
  perBase: USUAL_PER_BASE,
  note: '',
})
