import type { Die } from '../dies/die.js'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { standInOutline } from '../dies/stand-in.js'
import type { Plate } from '../layers/plate.js'
import type { PlateKind } from '../materials/plate-kind.js'
import type { Layer, Role } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { strengthOfKind } from '../materials/sheet-kind.js'
import { seededRandom } from '../numerics/random.js'
import { factsOfPressClass, type PressClass } from '../press/press-class.js'
import { defaultHouseRules, type HouseRules } from '../job/house-rules.js'
import type { CutContext } from '../job/cut-context.js'
import type { PlanRequest } from '../planner/plan.js'
import { measured } from '../units/measured.js'
import { BlindPress, type BlindOutcome, drawTraits } from './blind-press.js'

/** Exercises on a press with hidden traits, the easy ones first. */
export const exerciseIds = ['first-clean', 'steel-for-lace', 'thick-pile', 'sore-wrist', 'stubborn-middle'] as const
export type ExerciseId = (typeof exerciseIds)[number]

/** Things that lie on the table of an exercise; what they are called is the page's business. */
export type PracticeThing =
  'board' | 'pad' | 'spacer' | 'steel' | 'card' | 'film' | 'paper' | 'sheet' | 'leaf' | 'lace' | 'panel' | 'press'

interface Setting {
  readonly pressClass: PressClass
  readonly die: {
    readonly thing: PracticeThing
    readonly dieClass: DieClass
    readonly sizeMm: readonly [number, number]
  }
  readonly sheetMm: number
  readonly sheetCount: number
  readonly rules?: Partial<HouseRules>
  /** A press that bends more than its class, as worn ones do. */
  readonly rollerDiameterMm?: number
  readonly steel: boolean
  /** Rounds within which it is mastered. */
  readonly par: number
}

const settings: Record<ExerciseId, Setting> = {
  'first-clean': {
    pressClass: 'small-hand',
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
    sheetMm: 0.3,
    sheetCount: 1,
    steel: false,
    par: 3,
  },
  'steel-for-lace': {
    pressClass: 'small-hand',
    die: { thing: 'lace', dieClass: 'thin-lace', sizeMm: [90, 80] },
    sheetMm: 0.3,
    sheetCount: 1,
    steel: true,
    par: 3,
  },
  'thick-pile': {
    pressClass: 'small-hand',
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
    sheetMm: 0.3,
    sheetCount: 3,
    steel: false,
    par: 3,
  },
  'sore-wrist': {
    pressClass: 'a4-hand',
    die: { thing: 'lace', dieClass: 'thin-lace', sizeMm: [100, 90] },
    sheetMm: 0.3,
    sheetCount: 1,
    rules: { handShare: 0.45 },
    steel: true,
    par: 4,
  },
  'stubborn-middle': {
    pressClass: 'a4-hand',
    die: { thing: 'panel', dieClass: 'thin-outline', sizeMm: [60, 205] },
    sheetMm: 0.3,
    sheetCount: 1,
    rollerDiameterMm: 26,
    steel: false,
    par: 4,
  },
}

type Naming = (thing: PracticeThing) => string

/** mm. The board is as thick as a stack of it with two pads is a little loose on a press of the class. */
const boardMm = (gapMm: number): number => Math.round(10 * (gapMm - 7.4)) / 10

const shelfOf = ({ pressClass, steel }: Setting, nameOf: Naming): Plate[] => {
  const { gapMm, throatMm } = factsOfPressClass(pressClass)
  const piece = (id: PracticeThing, kind: PlateKind, mm: number, count: number): Plate => ({
    id,
    name: nameOf(id),
    kind,
    count,
    thickness: measured(mm, 'caliper'),
    lengthMm: 300,
    widthMm: throatMm - 5,
    fullThicknessWidthMm: throatMm - 8,
    magnetic: false,
    faces: ['fresh', 'fresh'],
  })
  return [
    piece('board', 'platform', boardMm(gapMm), 1),
    piece('pad', 'cutting-pad', 3, 2),
    ...(steel ? [piece('steel', 'hard-plate', 1, 1), piece('spacer', 'spacer', 2, 1)] : []),
    piece('card', 'shim', 0.3, 4),
    piece('film', 'shim', 0.18, 3),
    piece('paper', 'shim', 0.1, 10),
  ]
}

const dieOf = ({ die: { thing, dieClass, sizeMm } }: Setting, nameOf: Naming): Die => {
  const { heightMm, bladeHeightMm, bodyStripMm, cased } = factsOfDieClass(dieClass)
  const [lengthMm, widthMm] = sizeMm
  return {
    id: thing,
    name: nameOf(thing),
    dieClass,
    lengthMm,
    widthMm,
    height: measured(heightMm, 'caliper'),
    bladeHeightMm,
    bodyStripMm,
    fitForFoam: cased,
    outline: standInOutline(dieClass, lengthMm, widthMm, factsOfDieClass(dieClass).laciness),
  }
}

/** An exercise as it lies on the table. */
export interface Exercise {
  readonly id: ExerciseId
  readonly request: PlanRequest
  /** Board, pad, sheets, die, pad: what anyone would begin with. */
  readonly bare: Stack
  readonly par: number
}

/** Lays out an exercise; `nameOf` says what its things are called. */
export const exerciseOf = (id: ExerciseId, nameOf: Naming): Exercise => {
  const setting = settings[id]
  const { pressClass, sheetMm, sheetCount, rollerDiameterMm } = setting
  const { gapMm: _, drive, ...frame } = factsOfPressClass(pressClass)
  const shelf = shelfOf(setting, nameOf)
  const cut: CutContext = {
    press: {
      id: `practice ${id}`,
      name: nameOf('press'),
      pressClass,
      throatMm: frame.throatMm,
      frame: rollerDiameterMm ? { ...frame, rollerDiameterMm } : frame,
      drive,
      knownGood: [],
      felt: [],
    },
    dies: [dieOf(setting, nameOf)],
    sheet: {
      id: 'sheet',
      name: nameOf('sheet'),
      kind: 'smooth-card',
      caliper: measured(sheetMm, 'caliper'),
      ...strengthOfKind('smooth-card'),
    },
    sheetCount,
    bladeSide: 'down',
    rules: { ...defaultHouseRules, ...setting.rules },
  }
  const plate = (thing: PracticeThing, role: Role): Layer => ({
    is: 'plate',
    plate: shelf.find((each) => each.id === thing) as Plate,
    role,
  })
  return {
    id,
    request: { technique: 'cut', region: 'all', cut, shelf, workedBefore: [] },
    bare: [
      plate('board', 'platform'),
      plate('pad', 'bed'),
      { is: 'sheets', sheet: cut.sheet, count: sheetCount },
      { is: 'dies', dies: cut.dies, blade: 'down' },
      plate('pad', 'pad'),
    ],
    par: setting.par,
  }
}

/** One round of an attempt as it was played. */
export interface PlayedRound {
  readonly stack: Stack
  readonly passes: number
  readonly freshSheets: boolean
}

/** Plays an attempt again from its beginning on the press that the seed hides; the same rounds always come out the same. */
export const playRounds = (
  cut: CutContext,
  seed: number,
  rounds: readonly PlayedRound[],
): { readonly press: BlindPress; readonly outcomes: BlindOutcome[] } => {
  const random = seededRandom(seed)
  const press = new BlindPress(drawTraits(random), random)
  const outcomes = rounds.map(({ stack, passes, freshSheets }, at) => {
    if (freshSheets || at === 0) press.layFresh(cut)
    return press.press(stack, passes)
  })
  return { press, outcomes }
}

/** How an attempt is judged. */
export type Grade = 'mastered' | 'passed' | 'open'

/**
 * Judges an attempt by what really happened: mastered within par, with no stop and no cut deep into the pad; passed where it came
 * out clean in the end; else open. Clean is what the press knows, not what was said.
 */
export const gradeOf = (outcomes: readonly BlindOutcome[], par: number): Grade => {
  if (outcomes.at(-1)?.isGood !== true) return 'open'
  const careful = outcomes.every((each) => !each.isOverload && each.look.seen !== 'cut-into-pad')
  return careful && outcomes.length <= par ? 'mastered' : 'passed'
}
