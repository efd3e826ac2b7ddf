import type { ChartInput, EveningInput } from '@bold-heron/schema'
import type { DemoPressKey } from './shelf/presses.js'

/** Wall charts of the weekend: each leaf of the library press's, and one of the small press by kinds of die and thickness. */
export const demoCharts: Readonly<Record<string, Omit<ChartInput, 'pressId'> & { readonly press: DemoPressKey }>> = {
  cutting: {
    name: 'Library press: cutting',
    press: 'library',
    technique: 'cut',
    rows: { by: 'dies', dieIds: [] },
    columns: { by: 'sheets', sheetIds: [] },
    perBase: 3,
    note: 'Hangs over the press. Print it anew when the pads have been measured.',
  },
  creasing: {
    name: 'Library press: creasing',
    press: 'library',
    technique: 'crease',
    rows: { by: 'dies', dieIds: [] },
    columns: { by: 'sheets', sheetIds: [] },
    perBase: 3,
    note: '',
  },
  folders: {
    name: 'Library press: folders',
    press: 'library',
    technique: 'folder',
    rows: { by: 'dies', dieIds: [] },
    columns: { by: 'sheets', sheetIds: [] },
    perBase: 2,
    note: '',
  },
  thickness: {
    name: 'Harbour press by thickness',
    press: 'small',
    technique: 'cut',
    rows: { by: 'classes', dieClasses: ['thin-outline', 'thin-lace', 'thin-border', 'small-cased'] },
    columns: { by: 'thicknesses', mm: [0.15, 0.2, 0.25, 0.3, 0.4, 0.6, 0.8, 1] },
    perBase: 2,
    note: '',
  },
}

/** An evening that names presses and jobs as the demo does. */
interface DemoEvening extends Omit<EveningInput, 'presses' | 'jobs'> {
  readonly presses: readonly { readonly press: DemoPressKey; readonly personId: string }[]
  readonly jobs: readonly ({ readonly job: string } & Omit<EveningInput['jobs'][number], 'jobId'>)[]
}

/** The evening before the weekend: what is still to be cut, on two presses, by two people of whom one has sore hands. */
export const demoEvenings: Readonly<Record<string, DemoEvening>> = {
  before: {
    name: 'The evening before the Kite Weekend',
    beginsAt: null,
    presses: [
      { press: 'library', personId: 'sore' },
      { press: 'small', personId: 'strong' },
    ],
    people: [
      { id: 'sore', name: 'Sore hands', handShare: 0.7, restMin: 20 },
      { id: 'strong', name: 'Strong hands', handShare: 1, restMin: 10 },
    ],
    jobs: [
      { job: 'Programme cover frame', dueMin: 90, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Entrants’ tags', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Gulls for the thank-you cards', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Pennants for the bunting', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Gulls for the kite card', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Kites for the kite card', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
      { job: 'Kite tails', dueMin: null, copies: 1, alone: false, sheetsAtMost: null },
    ],
    gapMm: 2,
    changeWorthMin: 1,
    pins: { pressOf: {}, after: {}, forbidden: [] },
    note: 'The desk closes at ten.',
  },
}
