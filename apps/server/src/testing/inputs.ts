import { type DieInput, type PlateInput, type PressInput, type SheetInput, usualDie } from '@bold-heron/schema'

/** Whole, plain inputs for tests. */
export const plateInputs = {
  platform: {
    name: 'Board',
    kind: 'platform',
    count: 1,
    thicknessMm: 7,
    measuredBy: 'caliper',
    material: 'board',
    lengthMm: 300,
    widthMm: 160,
    fullThicknessWidthMm: 160,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'fresh',
    note: '',
  },
  pad: {
    name: 'Pad',
    kind: 'cutting-pad',
    count: 2,
    thicknessMm: 3,
    measuredBy: 'caliper',
    material: 'plastic',
    lengthMm: 250,
    widthMm: 155,
    fullThicknessWidthMm: 150,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'lined',
    note: '',
  },
  paper: {
    name: 'Copy paper',
    kind: 'shim',
    count: 8,
    thicknessMm: 0.1,
    measuredBy: 'caliper',
    material: 'paper',
    lengthMm: 297,
    widthMm: 160,
    fullThicknessWidthMm: 160,
    magnetic: false,
    reservedForSteel: false,
    faceA: 'fresh',
    faceB: 'fresh',
    note: '',
  },
} satisfies Record<string, PlateInput>

export const pressInputOf = (plateIds: string[]): PressInput => ({
  name: 'Attic press',
  pressClass: 'small-hand',
  throatMm: 165,
  lowMiddleMm: null,
  numbers: [],
  gap: null,
  felt: [],
  note: '',
  knownGood:
    plateIds.length > 0
      ? [
          {
            from: 'booklet',
            technique: 'cut',
            passes: null,
            bladeSide: 'down',
            feel: 'light',
            dieClass: 'thin-outline',
            dieHeightMm: 1,
            sheetCaliperMm: 0.3,
            sheetCount: 1,
            plateIds,
          },
        ]
      : [],
})

export const dieInputs = {
  leaf: { ...usualDie(), name: 'Leaf', heightMeasuredBy: 'caliper' },
} satisfies Record<string, DieInput>

export const sheetInputs = {
  card: {
    name: 'Card',
    kind: 'smooth-card',
    grammage: 240,
    weightTyped: '240 g/m²',
    caliperMm: 0.3,
    caliperBy: 'caliper',
    shearStrengthMPa: null,
    squashModulusMPa: null,
    lengthMm: 297,
    widthMm: 210,
    stock: 50,
    grain: 'unknown',
    patterned: false,
    colour: 'white',
    note: '',
  },
} satisfies Record<string, SheetInput>
