import type { PressInput } from '@bold-heron/schema'
import type { DemoPlate } from './plates.js'

/** Presses name plates by their key here; the loader puts the ids in. */
export interface DemoPress extends Omit<PressInput, 'knownGood'> {
  readonly knownGood: readonly (Omit<PressInput['knownGood'][number], 'plateIds'> & {
    readonly plates: readonly DemoPlate[]
  })[]
}

/** Presses of the Harbour Kite Weekend: an invented workshop with invented things. */
export const demoPresses = {
  small: {
    name: 'Harbour hand press',
    pressClass: 'small-hand',
    throatMm: 165,
    lowMiddleMm: null,
    numbers: [],
    gap: null,
    felt: [],
    note: 'Lives in the boathouse. The crank sticks a little in cold weather.',
    knownGood: [
      {
        from: 'booklet',
        technique: 'cut',
        passes: 1,
        bladeSide: 'down',
        feel: null,
        dieClass: 'thin-outline',
        dieHeightMm: 1,
        sheetCaliperMm: 0.3,
        sheetCount: 1,
        plates: ['smallPlatform', 'card', 'paper', 'smallPads', 'smallPads'],
      },
      {
        from: 'own-use',
        technique: 'cut',
        passes: 1,
        bladeSide: 'down',
        feel: null,
        dieClass: 'thin-lace',
        dieHeightMm: 1,
        sheetCaliperMm: 0.31,
        sheetCount: 1,
        plates: ['smallPlatform', 'smallSpacer', 'brass', 'cereal', 'card', 'smallSteel', 'smallPads'],
      },
    ],
  },
  library: {
    name: 'Library A4 hand press',
    pressClass: 'a4-hand',
    throatMm: 235,
    lowMiddleMm: null,
    numbers: [],
    gap: null,
    felt: [],
    note: 'Booked through the desk, two hours at a time.',
    knownGood: [
      {
        from: 'booklet',
        technique: 'cut',
        passes: 1,
        bladeSide: 'down',
        feel: null,
        dieClass: 'thin-outline',
        dieHeightMm: 1,
        sheetCaliperMm: 0.3,
        sheetCount: 1,
        plates: ['a4Platform', 'paper', 'a4Pads', 'a4Pads'],
      },
      {
        from: 'own-use',
        technique: 'cut',
        passes: 1,
        bladeSide: 'down',
        feel: null,
        dieClass: 'thin-lace',
        dieHeightMm: 1,
        sheetCaliperMm: 0.31,
        sheetCount: 1,
        plates: ['a4Platform', 'spacer', 'film', 'a4Steel', 'a4Pads'],
      },
      {
        from: 'own-use',
        technique: 'cut',
        passes: 1,
        bladeSide: 'down',
        feel: null,
        dieClass: 'small-cased',
        dieHeightMm: 8.5,
        sheetCaliperMm: 0.31,
        sheetCount: 2,
        plates: ['thinSpacer', 'cereal', 'paper', 'a4Pads', 'a4Pads'],
      },
    ],
  },
  motor: {
    name: 'Borrowed A4 motor press',
    pressClass: 'a4-motor',
    throatMm: 235,
    lowMiddleMm: null,
    numbers: [],
    gap: null,
    felt: [],
    note: 'Borrowed until the weekend is over; nobody has its booklet.',
    knownGood: [],
  },
} satisfies Record<string, DemoPress>

export type DemoPressKey = keyof typeof demoPresses
