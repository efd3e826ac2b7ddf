import { factsOfDieClass, measureOutline } from '@bold-heron/core'
import type { DieInput, PlateInput, PressInput, SheetInput } from '@bold-heron/schema'
import { demoOutlines } from './outlines.js'

/** The shelf of the Harbour Kite Weekend: an invented workshop with invented things. */

type PlateLine = Pick<PlateInput, 'name' | 'kind' | 'count' | 'thicknessMm' | 'measuredBy' | 'material'> & {
  readonly size: readonly [lengthMm: number, widthMm: number]
} & Partial<PlateInput>

const plate = ({ size: [lengthMm, widthMm], ...line }: PlateLine): PlateInput => ({
  lengthMm,
  widthMm,
  fullThicknessWidthMm: widthMm,
  magnetic: false,
  reservedForSteel: false,
  faceA: 'fresh',
  faceB: 'fresh',
  note: '',
  ...line,
})

const smallPad = [230, 155] as const
const a4Pad = [305, 222] as const

export const demoPlates = {
  smallPlatform: plate({
    name: 'Small board platform',
    kind: 'platform',
    count: 1,
    thicknessMm: 7,
    measuredBy: 'caliper',
    material: 'layered board',
    size: [320, 158],
  }),
  a4Platform: plate({
    name: 'Library board platform',
    kind: 'platform',
    count: 1,
    thicknessMm: 9.2,
    measuredBy: 'caliper',
    material: 'layered board',
    size: [390, 228],
  }),
  magnetPlatform: plate({
    name: 'Magnet platform',
    kind: 'platform',
    count: 1,
    thicknessMm: 9.6,
    measuredBy: 'caliper',
    material: 'board with magnet sheet',
    size: [370, 226],
    magnetic: true,
    reservedForSteel: false,
    note: 'Keep away from medical implants; the maker’s booklet says no steel plate on it.',
  }),
  smallPads: plate({
    name: 'Clear pad, small',
    kind: 'cutting-pad',
    count: 2,
    thicknessMm: 3.02,
    measuredBy: 'caliper',
    material: 'clear plastic',
    size: smallPad,
    fullThicknessWidthMm: 150,
    faceA: 'lined',
  }),
  a4Pads: plate({
    name: 'Clear pad, large',
    kind: 'cutting-pad',
    count: 3,
    thicknessMm: 2.98,
    measuredBy: 'caliper',
    material: 'clear plastic',
    size: a4Pad,
    fullThicknessWidthMm: 216,
    faceA: 'lined',
  }),
  oldPad: plate({
    name: 'Old clear pad',
    kind: 'cutting-pad',
    count: 1,
    thicknessMm: 2.91,
    measuredBy: 'caliper',
    material: 'clear plastic',
    size: a4Pad,
    fullThicknessWidthMm: 216,
    faceA: 'scored',
    faceB: 'scored',
    note: 'Bowed at one end; good enough as the top pad.',
  }),
  greyMat: plate({
    name: 'Grey cutting mat',
    kind: 'soft-mat',
    count: 1,
    thicknessMm: 3,
    measuredBy: 'ruler',
    material: 'self-healing mat',
    size: [300, 220],
    faceA: 'lined',
  }),
  smallSteel: plate({
    name: 'Steel bed, small',
    kind: 'hard-plate',
    count: 1,
    thicknessMm: 0.98,
    measuredBy: 'caliper',
    material: 'steel',
    size: [200, 150],
  }),
  a4Steel: plate({
    name: 'Steel bed, large',
    kind: 'hard-plate',
    count: 1,
    thicknessMm: 1.01,
    measuredBy: 'caliper',
    material: 'steel',
    size: [300, 215],
  }),
  thinSpacer: plate({
    name: 'Thin spacer',
    kind: 'spacer',
    count: 1,
    thicknessMm: 1.2,
    measuredBy: 'caliper',
    material: 'hard plastic',
    size: [300, 220],
  }),
  spacer: plate({
    name: 'Amber spacer',
    kind: 'spacer',
    count: 1,
    thicknessMm: 2.03,
    measuredBy: 'caliper',
    material: 'hard plastic',
    size: [300, 220],
  }),
  smallSpacer: plate({
    name: 'Small spacer',
    kind: 'spacer',
    count: 1,
    thicknessMm: 1.5,
    measuredBy: 'table',
    material: 'hard plastic',
    size: [220, 152],
  }),
  silicone: plate({
    name: 'Silicone mat, thin',
    kind: 'embossing-mat',
    count: 1,
    thicknessMm: 1.5,
    measuredBy: 'ruler',
    material: 'silicone',
    size: [220, 150],
  }),
  impression: plate({
    name: 'Impression pad',
    kind: 'impression-pad',
    count: 1,
    thicknessMm: 3.1,
    measuredBy: 'caliper',
    material: 'semi-firm plastic',
    size: [225, 155],
  }),
  block: plate({
    name: 'Clear block',
    kind: 'press-block',
    count: 1,
    thicknessMm: 8,
    measuredBy: 'ruler',
    material: 'acrylic',
    size: [100, 75],
  }),
  paper: plate({
    name: 'Copy paper',
    kind: 'shim',
    count: 12,
    thicknessMm: 0.1,
    measuredBy: 'caliper',
    material: 'paper 80 g/m²',
    size: [297, 210],
    note: 'Twenty measured together, divided by twenty.',
  }),
  card: plate({
    name: 'Card offcut',
    kind: 'shim',
    count: 6,
    thicknessMm: 0.31,
    measuredBy: 'caliper',
    material: 'ivory card',
    size: [210, 148],
  }),
  film: plate({
    name: 'Plastic film',
    kind: 'shim',
    count: 3,
    thicknessMm: 0.18,
    measuredBy: 'caliper',
    material: 'clear film',
    size: [297, 210],
  }),
  brass: plate({
    name: 'Brass sheet',
    kind: 'shim',
    count: 2,
    thicknessMm: 0.25,
    measuredBy: 'caliper',
    material: 'thin metal',
    size: [200, 150],
  }),
  cereal: plate({
    name: 'Box cardboard',
    kind: 'shim',
    count: 6,
    thicknessMm: 0.5,
    measuredBy: 'table',
    material: 'cardboard',
    size: [280, 190],
  }),
  rubber: plate({
    name: 'Rubber sheet',
    kind: 'shim',
    count: 1,
    thicknessMm: 0.8,
    measuredBy: 'ruler',
    material: 'rubber',
    size: [200, 150],
  }),
} satisfies Record<string, PlateInput>

export type DemoPlate = keyof typeof demoPlates

type DieLine = Pick<DieInput, 'name' | 'dieClass'> & Partial<DieInput>

/** A die whose size is that of its outline. */
const die = (key: keyof typeof demoOutlines, line: DieLine): DieInput => {
  const lines = demoOutlines[key]
  const measures = measureOutline(lines)
  if (!measures) throw new Error(`the demo's ${key} has no outline`)
  const { heightMm, bladeHeightMm, cased } = factsOfDieClass(line.dieClass)
  return {
    lengthMm: Math.round(measures.lengthMm * 10) / 10,
    widthMm: Math.round(measures.widthMm * 10) / 10,
    heightMm,
    heightMeasuredBy: 'caliper',
    bladeHeightMm,
    bodyStripMm: null,
    laciness: null,
    fitForFoam: cased,
    note: '',
    outline: {
      source: 'drawing',
      fileName: `${key.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}.svg`,
      lines,
    },
    ...line,
  }
}

export const demoDies = {
  boxKite: die('boxKite', { name: 'Box kite outline', dieClass: 'thin-outline' }),
  sailLace: die('sailLace', {
    name: 'Lattice sail lace',
    dieClass: 'thin-lace',
    note: 'Wants waxed paper to let go.',
  }),
  ropeBorder: die('ropeBorder', { name: 'Rope border', dieClass: 'thin-border' }),
  portholes: die('portholes', { name: 'Porthole rounds', dieClass: 'thin-outline' }),
  gulls: die('gulls', { name: 'Gull trio', dieClass: 'thin-outline' }),
  numerals: die('numerals', { name: 'Pier numerals', dieClass: 'thin-outline', fitForFoam: true }),
  tideEdge: die('tideEdge', { name: 'Tide-wave edge', dieClass: 'thin-border' }),
  compassLace: die('compassLace', { name: 'Compass rose lace', dieClass: 'thin-lace' }),
  tailLace: die('tailLace', { name: 'Kite tail lace', dieClass: 'thin-lace' }),
  coverFrame: die('coverFrame', { name: 'Programme cover frame', dieClass: 'thin-outline', heightMm: 1.05 }),
  lanternFrame: die('lanternFrame', { name: 'Lantern window frame', dieClass: 'thin-outline' }),
  tagBlock: die('tagBlock', { name: 'Anchor tag', dieClass: 'small-cased' }),
  pennantBlock: die('pennantBlock', { name: 'Pennant row', dieClass: 'small-cased' }),
  buoyBlock: die('buoyBlock', {
    name: 'Buoy block',
    dieClass: 'large-cased',
    heightMm: 12,
    heightMeasuredBy: 'ruler',
    bladeHeightMm: 4,
  }),
} satisfies Record<string, DieInput>

export type DemoDie = keyof typeof demoDies

type SheetLine = Pick<SheetInput, 'name' | 'kind' | 'caliperMm' | 'caliperBy' | 'stock' | 'colour'> &
  Partial<SheetInput>

const sheet = (line: SheetLine): SheetInput => ({
  grammage: null,
  weightTyped: '',
  shearStrengthMPa: null,
  squashModulusMPa: null,
  lengthMm: 297,
  widthMm: 210,
  note: '',
  ...line,
})

export const demoSheets = {
  ivory: sheet({
    name: 'Ivory card 250',
    kind: 'smooth-card',
    grammage: 250,
    weightTyped: '250 g/m²',
    caliperMm: 0.31,
    caliperBy: 'caliper',
    stock: 84,
    colour: 'ivory',
  }),
  slate: sheet({
    name: 'Slate card 300',
    kind: 'smooth-card',
    grammage: 300,
    weightTyped: '300 g/m²',
    caliperMm: 0.375,
    caliperBy: 'weight',
    stock: 40,
    colour: 'slate blue',
  }),
  white: sheet({
    name: 'White cover card',
    kind: 'smooth-card',
    grammage: 176,
    weightTyped: '65 lb cover',
    caliperMm: 0.22,
    caliperBy: 'weight',
    stock: 110,
    colour: 'white',
    lengthMm: 279.4,
    widthMm: 215.9,
  }),
  index: sheet({
    name: 'Cream index card',
    kind: 'smooth-card',
    grammage: 199,
    weightTyped: '110 lb index',
    caliperMm: 0.24,
    caliperBy: 'caliper',
    stock: 60,
    colour: 'cream',
    lengthMm: 279.4,
    widthMm: 215.9,
  }),
  sand: sheet({
    name: 'Sand textured card',
    kind: 'textured-card',
    grammage: 240,
    weightTyped: '240 g/m²',
    caliperMm: 0.384,
    caliperBy: 'weight',
    stock: 25,
    colour: 'sand',
  }),
  kraft: sheet({
    name: 'Kraft card 280',
    kind: 'smooth-card',
    grammage: 280,
    weightTyped: '280 g/m²',
    caliperMm: 0.38,
    caliperBy: 'caliper',
    stock: 52,
    colour: 'brown',
  }),
  foil: sheet({
    name: 'Silver foil paper',
    kind: 'foil-paper',
    caliperMm: 0.12,
    caliperBy: 'caliper',
    stock: 18,
    colour: 'silver',
  }),
  film: sheet({ name: 'Clear film', kind: 'film', caliperMm: 0.2, caliperBy: 'caliper', stock: 12, colour: 'clear' }),
  vellum: sheet({
    name: 'Sea-mist vellum',
    kind: 'vellum',
    grammage: 100,
    weightTyped: '100 g/m²',
    caliperMm: 0.105,
    caliperBy: 'weight',
    stock: 20,
    colour: 'pale green',
  }),
  foam: sheet({
    name: 'Red craft foam',
    kind: 'craft-foam',
    caliperMm: 2,
    caliperBy: 'ruler',
    stock: 9,
    colour: 'red',
  }),
  greyboard: sheet({ name: 'Greyboard', kind: 'board', caliperMm: 1, caliperBy: 'table', stock: 10, colour: 'grey' }),
  adhesive: sheet({
    name: 'Adhesive sheet',
    kind: 'adhesive-sheet',
    caliperMm: 0.1,
    caliperBy: 'table',
    stock: 15,
    colour: 'clear',
  }),
} satisfies Record<string, SheetInput>

export type DemoSheet = keyof typeof demoSheets

/** Presses name plates by their key here; the loader puts the ids in. */
export interface DemoPress extends Omit<PressInput, 'knownGood'> {
  readonly knownGood: readonly (Omit<PressInput['knownGood'][number], 'plateIds'> & {
    readonly plates: readonly DemoPlate[]
  })[]
}

export const demoPresses = {
  small: {
    name: 'Harbour hand press',
    pressClass: 'small-hand',
    throatMm: 165,
    numbers: [],
    note: 'Lives in the boathouse. The crank sticks a little in cold weather.',
    knownGood: [
      {
        from: 'booklet',
        dieClass: 'thin-outline',
        dieHeightMm: 1,
        sheetCaliperMm: 0.3,
        sheetCount: 1,
        plates: ['smallPlatform', 'card', 'paper', 'smallPads', 'smallPads'],
      },
      {
        from: 'own-use',
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
    numbers: [],
    note: 'Booked through the desk, two hours at a time.',
    knownGood: [
      {
        from: 'booklet',
        dieClass: 'thin-outline',
        dieHeightMm: 1,
        sheetCaliperMm: 0.3,
        sheetCount: 1,
        plates: ['a4Platform', 'paper', 'a4Pads', 'a4Pads'],
      },
      {
        from: 'own-use',
        dieClass: 'thin-lace',
        dieHeightMm: 1,
        sheetCaliperMm: 0.31,
        sheetCount: 1,
        plates: ['a4Platform', 'spacer', 'film', 'a4Steel', 'a4Pads'],
      },
      {
        from: 'own-use',
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
    numbers: [],
    note: 'Borrowed until the weekend is over; nobody has its booklet.',
    knownGood: [],
  },
} satisfies Record<string, DemoPress>

export type DemoPressKey = keyof typeof demoPresses
