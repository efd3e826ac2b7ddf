import type { CauseId } from '../diagnosis/cause-ids.js'
import type { ReportedRound } from '../diagnosis/reported-round.js'
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
import { computedOf } from '../techniques/computed-of.js'
import { jobMmOf } from '../job/cut-context.js'
import { plateIdOf, settingsOf } from '../layers/leaves.js'
import { BlindPress, type BlindOutcome, drawTraits } from './blind-press.js'
import { faultOf, knownTraits, wrongInRounds } from './hidden-fault.js'

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

/** Exercises on a press whose gap is known, and on which something is wrong. */
export const faultExerciseIds = [
  'wrong-nothing',
  'wrong-spot',
  'wrong-side',
  'wrong-middle',
  'wrong-of-two',
  'wrong-patches',
  'wrong-heavy',
  'wrong-leaf',
  'wrong-crease',
  'wrong-relief',
  'wrong-folder',
  'wrong-foil',
] as const
export type ExerciseId = (typeof exerciseIds)[number] | (typeof faultExerciseIds)[number]

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
  | 'folder'
  | 'hot'
  | 'foil'
  | 'press'
  | 'hinged'

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
  /** What may be wrong, where something is; the board then makes the first stack the right one. */
  readonly faults?: readonly CauseId[]
  /** So many dies alike lie side by side; one where absent. */
  readonly copies?: number
  /** mm. A leaf that is hinged to the board and closed. */
  readonly leafMm?: number
}

/** mm. A plate that is heated, and foil. Invented. */
const HOT_PLATE_MM = 6
const FOIL_MM = 0.02
/** mm. Two pads, die and sheet, less what makes it loose. */
const TWO_PADS_MM = 7.4
const STEEL = ['steel', 'spacer'] as const
const MATS = ['thin-mat', 'thick-mat', 'impression'] as const
const FOILING = ['hot', 'foil', 'impression'] as const

const settings: Record<(typeof exerciseIds)[number], Setting> = {
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

const leafCut = {
  technique: 'cut',
  pressClass: 'small-hand',
  die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [80, 60] },
  sheetMm: 0.3,
  sheetCount: 1,
  besideBoardMm: 0,
  par: 3,
} as const satisfies Setting
const panelCut = {
  ...leafCut,
  pressClass: 'a4-hand',
  die: { thing: 'panel', dieClass: 'thin-outline', sizeMm: [60, 180] },
} as const satisfies Setting

const faultSettings: Record<(typeof faultExerciseIds)[number], Setting> = {
  'wrong-nothing': { ...leafCut, faults: ['die-upside-down', 'wrong-layer'] },
  'wrong-spot': { ...leafCut, faults: ['scored-spot', 'blunt-stretch'] },
  'wrong-side': { ...panelCut, faults: ['off-centre', 'pad-bowed'] },
  'wrong-middle': { ...panelCut, faults: ['middle-low', 'gap'] },
  'wrong-of-two': {
    ...leafCut,
    die: { thing: 'leaf', dieClass: 'thin-outline', sizeMm: [60, 45] },
    copies: 2,
    faults: ['die-lower'],
  },
  'wrong-patches': {
    ...leafCut,
    die: { thing: 'lace', dieClass: 'thin-lace', sizeMm: [80, 70] },
    faults: ['too-fast', 'let-go'],
  },
  'wrong-heavy': {
    ...panelCut,
    sheetCount: 2,
    faults: ['edge-parallel', 'too-many-sheets', 'sheet-harder', 'die-difficult'],
  },
  'wrong-leaf': { ...leafCut, leafMm: 1, faults: ['leaf-open'] },
  'wrong-crease': { ...settings['good-crease'], par: 3, faults: ['mat-hard', 'mat-thick', 'mat-cut'] },
  'wrong-relief': { ...settings['whole-relief'], par: 3, faults: ['glue-wet', 'mirrored-wrong', 'shape-thick'] },
  'wrong-folder': {
    ...leafCut,
    technique: 'folder',
    die: { thing: 'folder', dieClass: 'cutting-folder', sizeMm: [110, 80] },
    faults: ['folder-wrong-end', 'folder-bowed', 'metal-side-down'],
  },
  'wrong-foil': {
    ...leafCut,
    technique: 'foil',
    beside: FOILING,
    faults: ['plate-cool', 'foil-dull-side', 'lifted-too-soon'],
  },
}

const settingOf = (id: ExerciseId): Setting =>
  Object.hasOwn(faultSettings, id)
    ? faultSettings[id as (typeof faultExerciseIds)[number]]
    : settings[id as (typeof exerciseIds)[number]]

type Naming = (thing: PracticeThing) => string

/** mm. The board is as thick as the stack of what anyone would begin with is a little loose on a press of the class. */
const boardMm = (gapMm: number, besideMm: number): number => Math.round(10 * (gapMm - besideMm)) / 10

const shelfOf = ({ pressClass, beside = [], leafMm }: Setting, boardThickMm: number, nameOf: Naming): Plate[] => {
  const { throatMm } = factsOfPressClass(pressClass)
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
  const board = piece('board', 'platform', boardThickMm - (leafMm ?? 0), 1)
  const boards = leafMm
    ? settingsOf(board, [{ name: nameOf('hinged'), thickness: measured(leafMm, 'caliper') }])
    : [board]
  return [
    ...boards,
    piece('pad', 'cutting-pad', 3, 2),
    ...[
      piece('steel', 'hard-plate', 1, 1),
      piece('spacer', 'spacer', 2, 1),
      piece('thin-mat', 'embossing-mat', 1, 1),
      piece('thick-mat', 'embossing-mat', 3, 1),
      piece('impression', 'impression-pad', 3, 1),
      piece('hot', 'heated-plate', HOT_PLATE_MM, 1),
      piece('foil', 'foil', FOIL_MM, 1),
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

/** mm. What lies beside board, die and sheets in the first stack. */
const BESIDE_MM: Partial<Record<TechniqueId, number>> = {
  cut: 3 + 3,
  crease: 3 + 1 + 3,
  raise: 3 + 3,
  folder: 3,
  foil: HOT_PLATE_MM + FOIL_MM + 3,
}

/** mm. The board that makes the first stack the right one, to a twentieth. */
const rightBoardMm = ({ technique }: Setting, cut: CutContext, gapMm: number): number => {
  const wantedMm = computedOf({ technique }).usualSqueezeMm(cut)
  return Math.round(20 * (gapMm - (BESIDE_MM[technique] ?? 0) - jobMmOf(cut) + wantedMm)) / 20
}

/** An exercise as it lies on the table. */
export interface Exercise {
  readonly id: ExerciseId
  readonly request: PlanRequest
  /** What anyone would begin with: for a cut board, pad, sheets, die, pad. */
  readonly bare: Stack
  readonly par: number
  /** What may be wrong; nothing where absent. */
  readonly faults?: readonly CauseId[] | undefined
}

/** Lays out an exercise; `nameOf` says what its things are called. */
export const exerciseOf = (id: ExerciseId, nameOf: Naming): Exercise => {
  const setting = settingOf(id)
  const { technique, pressClass, sheetMm, sheetCount, rollerDiameterMm } = setting
  const { gapMm, drive, ...frame } = factsOfPressClass(pressClass)
  const { faults, copies = 1 } = setting
  const die = dieOf(setting, nameOf)
  const dies = Array.from({ length: copies }, (_, at) =>
    at === 0 ? die : { ...die, id: `${die.id} ${at + 1}`, name: `${die.name} ${at + 1}` },
  )
  const cut: CutContext = asPressed(technique, {
    press: {
      ...(faults ? { gap: { mm: gapMm, from: 'measured' as const } } : {}),
      id: `practice ${id}`,
      name: nameOf('press'),
      pressClass,
      throatMm: frame.throatMm,
      frame: rollerDiameterMm ? { ...frame, rollerDiameterMm } : frame,
      drive,
      knownGood: [],
      felt: [],
    },
    dies,
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
  const shelf = shelfOf(
    setting,
    faults ? rightBoardMm(setting, cut, gapMm) : boardMm(gapMm, setting.besideBoardMm),
    nameOf,
  )
  const plate = (thing: PracticeThing, role: Role): Layer => ({
    is: 'plate',
    // A board with a leaf lies there with it closed.
    plate: (shelf.filter(({ id: each }) => plateIdOf(each) === thing).at(-1) ?? shelf[0]) as Plate,
    role,
  })
  const sheets: Layer = { is: 'sheets', sheet: cut.sheet, count: sheetCount }
  const laid: Layer = { is: 'dies', dies: cut.dies, blade: cut.bladeSide }
  const board = plate('board', 'platform')
  const bares: Partial<Record<TechniqueId, Stack>> = {
    crease: [board, plate('pad', 'pad'), laid, sheets, plate('thin-mat', 'mat'), plate('impression', 'backing')],
    raise: [board, laid, sheets, plate('thick-mat', 'mat'), plate('pad', 'backing')],
    folder: [board, sheets, laid, plate('pad', 'pad')],
    foil: [board, plate('hot', 'heat'), laid, plate('foil', 'foil'), sheets, plate('impression', 'pad')],
  }
  return {
    id,
    request: { technique, region: 'all', cut, shelf, workedBefore: [] },
    bare: bares[technique] ?? [board, plate('pad', 'bed'), sheets, laid, plate('pad', 'pad')],
    par: setting.par,
    faults,
  }
}

/** One round of an attempt as it was played. */
export interface PlayedRound extends Pick<ReportedRound, 'remedy' | 'centreShimMm'> {
  readonly stack: Stack
  readonly passes: number
  readonly freshSheets: boolean
}

/** Plays an attempt again from its beginning on the press that the seed hides; the same rounds always come out the same. */
export const playRounds = (
  { request, bare, faults }: Pick<Exercise, 'request' | 'bare' | 'faults'>,
  seed: number,
  rounds: readonly PlayedRound[],
): { readonly press: BlindPress; readonly outcomes: BlindOutcome[] } => {
  const { technique, cut } = request
  const random = seededRandom(seed)
  const traits = faults ? knownTraits(request, seed) : drawTraits(random, cut.press.pressClass)
  const press = new BlindPress(traits, random)
  const wrong = faults && wrongInRounds(request, faultOf(request, bare, faults, seed), rounds, seed)
  const outcomes = rounds.map(({ stack, passes, freshSheets }, at) => {
    const fault = wrong?.[at]
    if (fault) press.goesWrong(fault)
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
