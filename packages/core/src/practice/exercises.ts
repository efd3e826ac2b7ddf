import type { Die } from '../dies/die.js'
import { type DieClass, factsOfDieClass } from '../dies/classes/list.js'
import { usualFeedEnd } from '../dies/feed-end.js'
import { difficultyOf } from '../dies/difficulty.js'
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
import { asPressed } from '../techniques/as-pressed.js'
import { type TechniqueId, techniqueOf } from '../techniques/list.js'
import type { PlanRequest } from '../planner/plan.js'
import { measured } from '../units/measured.js'
import { BlindPress, type BlindOutcome, drawTraits } from './blind-press.js'

/** Exercises on a press with hidden traits, the easy ones first. */
export const exerciseIds = [
  'first-clean',
  'steel-for-lace',
  'thick-pile',
  'sore-wrist',
  'stubborn-middle',
  'good-crease',
  'whole-relief',
] as const
export type ExerciseId = (typeof exerciseIds)[number]

/** Things that lie on the table of an exercise; what they are called is the page's business. */
type PracticeThing =
  | 'board'
  | 'pad'
  | 'spacer'
  | 'steel'
  | 'thin-mat'
  | 'thick-mat'
  | 'impression'
  | 'card'
  | 'film'
  | 'paper'
  | 'sheet'
  | 'leaf'
  | 'lace'
  | 'panel'
  | 'layers'
  | 'press'

interface Setting {
  readonly technique: TechniqueId
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
  /** What lies on the table beside board, pads and shims. */
  readonly beside?: readonly PracticeThing[]
  /** mm of board, pads and all else that lies there at first, as it is a little loose, besides what the board makes up. */
  readonly besideBoardMm: number
  /** Rounds within which it is mastered. */
  readonly par: number
}

/** mm. Two pads, die and sheet, less what makes it loose. */
const TWO_PADS_MM = 7.4
const STEEL = ['steel', 'spacer'] as const
const MATS = ['thin-mat', 'thick-mat', 'impression'] as const

const settings: Record<ExerciseId, Setting> = {
  'first-clean': {
    technique: 'cut',
    pressClass: 'small-hand',
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
    sheetMm: 0.3,
    sheetCount: 1,
    besideBoardMm: TWO_PADS_MM,
    par: 3,
  },
  'steel-for-lace': {
    technique: 'cut',
    pressClass: 'small-hand',
    die: { thing: 'lace', dieClass: 'thin-lace', sizeMm: [90, 80] },
    sheetMm: 0.3,
    sheetCount: 1,
    beside: STEEL,
    besideBoardMm: TWO_PADS_MM,
    par: 3,
  },
  'thick-pile': {
    technique: 'cut',
    pressClass: 'small-hand',
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
    sheetMm: 0.3,
    sheetCount: 3,
    besideBoardMm: TWO_PADS_MM,
    par: 3,
  },
  'sore-wrist': {
    technique: 'cut',
    pressClass: 'a4-hand',
    die: { thing: 'lace', dieClass: 'thin-lace', sizeMm: [100, 90] },
    sheetMm: 0.3,
    sheetCount: 1,
    rules: { handShare: 0.45 },
    beside: STEEL,
    besideBoardMm: TWO_PADS_MM,
    par: 4,
  },
  'stubborn-middle': {
    technique: 'cut',
    pressClass: 'a4-hand',
    die: { thing: 'panel', dieClass: 'thin-outline', sizeMm: [60, 205] },
    sheetMm: 0.3,
    sheetCount: 1,
    rollerDiameterMm: 26,
    besideBoardMm: TWO_PADS_MM,
    par: 4,
  },
  'good-crease': {
    technique: 'crease',
    pressClass: 'small-hand',
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
    sheetMm: 0.3,
    sheetCount: 1,
    beside: MATS,
    besideBoardMm: 8.3,
    par: 3,
  },
  'whole-relief': {
    technique: 'raise',
    pressClass: 'small-hand',
    die: { thing: 'layers', dieClass: 'shape', sizeMm: [50, 50] },
    sheetMm: 0.3,
    sheetCount: 1,
    beside: MATS,
    besideBoardMm: 6.9,
    par: 2,
  },
}

type Naming = (thing: PracticeThing) => string

/** mm. The board is as thick as the stack of what anyone would begin with is a little loose on a press of the class. */
const boardMm = (gapMm: number, besideMm: number): number => Math.round(10 * (gapMm - besideMm)) / 10

const shelfOf = ({ pressClass, beside = [], besideBoardMm }: Setting, nameOf: Naming): Plate[] => {
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
    piece('board', 'platform', boardMm(gapMm, besideBoardMm), 1),
    piece('pad', 'cutting-pad', 3, 2),
    ...[
      piece('steel', 'hard-plate', 1, 1),
      piece('spacer', 'spacer', 2, 1),
      piece('thin-mat', 'embossing-mat', 1, 1),
      piece('thick-mat', 'embossing-mat', 3, 1),
      piece('impression', 'impression-pad', 3, 1),
    ].filter(({ id }) => beside.includes(id as PracticeThing)),
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
    feedEnd: usualFeedEnd(dieClass),
    difficulty: difficultyOf(dieClass, 'used'),
    outline: standInOutline(dieClass, lengthMm, widthMm, factsOfDieClass(dieClass).laciness),
  }
}

/** An exercise as it lies on the table. */
export interface Exercise {
  readonly id: ExerciseId
  readonly request: PlanRequest
  /** What anyone would begin with: for a cut board, pad, sheets, die, pad. */
  readonly bare: Stack
  readonly par: number
}

/** Lays out an exercise; `nameOf` says what its things are called. */
export const exerciseOf = (id: ExerciseId, nameOf: Naming): Exercise => {
  const setting = settings[id]
  const { technique, pressClass, sheetMm, sheetCount, rollerDiameterMm } = setting
  const { gapMm: _, drive, ...frame } = factsOfPressClass(pressClass)
  const shelf = shelfOf(setting, nameOf)
  const cut: CutContext = asPressed(technique, {
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
    bladeSide: techniqueOf(technique).bladeSide ?? 'down',
    rules: { ...defaultHouseRules, ...setting.rules },
  })
  const plate = (thing: PracticeThing, role: Role): Layer => ({
    is: 'plate',
    plate: shelf.find((each) => each.id === thing) as Plate,
    role,
  })
  const sheets: Layer = { is: 'sheets', sheet: cut.sheet, count: sheetCount }
  const dies: Layer = { is: 'dies', dies: cut.dies, blade: cut.bladeSide }
  const board = plate('board', 'platform')
  const bares: Partial<Record<TechniqueId, Stack>> = {
    crease: [board, plate('pad', 'pad'), dies, sheets, plate('thin-mat', 'mat'), plate('impression', 'backing')],
    raise: [board, dies, sheets, plate('thick-mat', 'mat'), plate('pad', 'backing')],
  }
  return {
    id,
    request: { technique, region: 'all', cut, shelf, workedBefore: [] },
    bare: bares[technique] ?? [board, plate('pad', 'bed'), sheets, dies, plate('pad', 'pad')],
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
  { technique, cut }: Pick<PlanRequest, 'technique' | 'cut'>,
  seed: number,
  rounds: readonly PlayedRound[],
): { readonly press: BlindPress; readonly outcomes: BlindOutcome[] } => {
  const random = seededRandom(seed)
  const press = new BlindPress(drawTraits(random, cut.press.pressClass), random)
  const outcomes = rounds.map(({ stack, passes, freshSheets }, at) => {
    if (freshSheets || at === 0) press.layFresh(cut, technique)
    return press.press(stack, passes)
  })
  return { press, outcomes }
}

/** How an attempt is judged. */
export type Grade = 'mastered' | 'passed' | 'open'

/**
 * Judges an attempt by what really happened: mastered within par, with no stop, no cut deep into the pad and nothing cut or torn that was
 * not to be; passed where it came out as wanted in the end; else open. That is what the press knows, not what was said.
 */
export const gradeOf = (outcomes: readonly BlindOutcome[], par: number): Grade => {
  if (outcomes.at(-1)?.isGood !== true) return 'open'
  const careful = outcomes.every((each) => !each.isOverload && !each.isHarm && each.look.seen !== 'cut-into-pad')
  return careful && outcomes.length <= par ? 'mastered' : 'passed'
}
