import { lowerDies } from '../diagnosis/laid-cut.js'
import { asMeant, type Variation } from '../diagnosis/variation.js'
import { thicknessOf } from '../layers/layer.js'
import type { Stack } from '../layers/stack.js'
import { type RandomSource, randomNormal, seededRandom } from '../numerics/random.js'
import { type Round, type Seen, tellsHanging } from '../goals/looks.js'
import type { HangingStretch } from '../outcomes/hanging-stretch.js'
import type { MatSpec, Rig } from '../goals/mats/mat-spec.js'
import { matSpecs } from '../goals/mats/specs.js'
import { matGrid } from '../press/mats/mat-grid.js'
import { fineFeelOf } from '../press/simulated/press-through.js'
import { goalOf } from '../techniques/goal-of.js'
import type { TechniqueId } from '../techniques/list.js'
import type { HandleFeel } from '../outcomes/round.js'
import { CLEAN_CUT } from '../press/constants.js'
import { effortOf, feelOf } from '../press/drive.js'
import { gapAtMm } from '../learning/felt.js'
import { type FeltGap, type FeltTry, platesHeightMm } from '../press/felt-gap.js'
import { gapOfClass, type PressClass } from '../press/press-class.js'
import { CutSimulation } from '../press/cut-simulation.js'
import { pressRound } from '../goals/clean-cut/press-round.js'
import { cutSeenIn } from '../goals/clean-cut/seen-in.js'
import { tooDeepFrom } from '../goals/clean-cut/too-deep.js'
import { whereItHangsIn } from '../goals/clean-cut/where-it-hangs-in.js'
import { PLAIN_LAYING } from '../goals/laying.js'
import { bedOfStack, cellsOf, lawOf } from '../goals/clean-cut/cut-setup.js'
import type { CutContext } from '../job/cut-context.js'
import { cutMapOf } from '../goals/clean-cut/cut-map.js'
import type { LineMap } from '../goals/line-map.js'
import { linesLaid } from '../placement/lines-laid.js'
import { pointedOut } from './pointed-out.js'
import { GRIP_SPREAD_MM } from '../learning/constants.js'

/** What nobody can read off a press, a sheet or a plate. */
export interface HiddenTraits {
  /** mm. */
  readonly gapMm: number
  /** Frame stiffness over its usual value. */
  readonly frame: number
  /** By how much the gap is wider at the right end than at the left, and in the middle than at the ends, mm. */
  readonly tiltMm: number
  readonly middleMm: number
  /** True strength over the table value, by sheet id. */
  strengthOf(sheetId: string): number
  /** How far a plate, die or sheet is from its recorded thickness, in spreads of how it was measured; by id. */
  errorOf(id: string): number
}

/** Spreads of what is hidden. Calibration notes: the blind press. */
const GAP_SPREAD_MM = 0.35
const FRAME_SPREAD = 0.15
const STRENGTH_SPREAD = 0.2
/** mm; as felt.ts takes them for usual. */
const TILT_SPREAD_MM = 0.06
const MIDDLE_SPREAD_MM = 0.03
/** How unsure a hand is of what it feels, as a share of its limit. From memory. */
const FELT_SPREAD = 0.1
/** The same where the handle stays far below its limit. From memory. */
const FINELY_FELT_SPREAD = 0.01
/** How far off a share of hanging is told. From memory. */
const SHARE_TOLD_SPREAD = 0.08

/** A whole number for a name; FNV-1a. */
const numberOf = (name: string): number => {
  let hash = 0x811c9dc5
  for (let at = 0; at < name.length; at++) hash = Math.imul(hash ^ name.charCodeAt(at), 0x01000193)
  return hash >>> 0
}

/** A press of a class with traits drawn at random, its gap like those of most of its class. What is hidden in a sheet or plate goes by its id, whatever is asked for first. */
export const drawTraits = (random: RandomSource, pressClass: PressClass): HiddenTraits => {
  const seed = Math.floor(random() * 0x100000000)
  const drawn = (name: string): number => randomNormal(seededRandom(seed ^ numberOf(name)))
  return {
    gapMm: gapOfClass(pressClass).valueMm + GAP_SPREAD_MM * randomNormal(random),
    frame: Math.max(0.5, 1 + FRAME_SPREAD * randomNormal(random)),
    tiltMm: TILT_SPREAD_MM * drawn('tilt'),
    middleMm: MIDDLE_SPREAD_MM * drawn('middle'),
    strengthOf: (sheetId) => Math.max(0.4, 1 + STRENGTH_SPREAD * drawn(`strength ${sheetId}`)),
    errorOf: (id) => drawn(`thickness ${id}`),
  }
}

/** What pressing really did, and what of it a person tells. */
export interface BlindOutcome {
  readonly look: Round
  /** Clean, and no deeper in the bed than it should be. */
  readonly isGood: boolean
  /** The handle stopped: the press was backed out and the sheets are spoilt. */
  readonly isOverload: boolean
  readonly cutFraction: number
  readonly overcutMm: number
  /** What is pressed into a mat did harm: the sheet was cut through or torn, or the mat cut. */
  readonly isHarm: boolean
  readonly isMatCut: boolean
}

/** The thickness of a layer as it really is, mm. */
const trueThicknessMm = (layer: Stack[number], traits: HiddenTraits): number => {
  const { valueMm, spreadMm } = thicknessOf(layer)
  const id = layer.is === 'plate' ? layer.plate.id : layer.is === 'dies' ? (layer.dies[0]?.id ?? '') : layer.sheet.id
  return valueMm + spreadMm * traits.errorOf(id)
}

/**
 * A press with hidden traits to learn on, in place of a real one: it presses what it is given with the simulation, and tells what a
 * person would see and feel, the feel with noise. Deterministic for a seeded source.
 */
export class BlindPress {
  private run: CutSimulation | undefined
  private cut: CutContext | undefined
  private mats: { readonly spec: MatSpec; readonly rig: Rig } | undefined
  private isFresh = true
  private fault: Variation = asMeant

  constructor(
    readonly traits: HiddenTraits,
    private readonly random: RandomSource,
  ) {}

  /** Something is otherwise from now on; the sheets that lie there stay as they are. */
  goesWrong(fault: Variation): void {
    this.fault = fault
    const { cut, run } = this
    if (!cut || !run) return
    const laid = this.laidOut(cut)
    laid.cut.set(run.cut)
    laid.reach.set(run.reach)
    this.run = laid
  }

  private frameOf({ press: { frame } }: CutContext): CutContext['press']['frame'] {
    return { ...frame, frameStiffnessNPerMm: frame.frameStiffnessNPerMm * this.traits.frame }
  }

  /** The dies on the grid, with whatever is locally otherwise. */
  private laidOut(cut: CutContext): CutSimulation {
    const { heights, lowerMm } = this.fault
    const cells = cellsOf(cut, { ...PLAIN_LAYING, heights })
    if (lowerMm) lowerDies(cells, lowerMm)
    return new CutSimulation(this.frameOf(cut), cells)
  }

  /** Lays whole sheets, for a cut or for what is pressed into a mat. */
  layFresh(cut: CutContext, technique: TechniqueId = 'cut'): void {
    this.cut = cut
    const spec = matSpecs[goalOf({ technique }).id]
    const onIt = { ...cut, press: { ...cut.press, frame: this.frameOf(cut) } }
    this.mats = spec && { spec, rig: spec.rig(onIt, PLAIN_LAYING, matGrid(cut.press.throatMm)) }
    this.run = spec ? undefined : this.laidOut(cut)
    this.isFresh = true
  }

  /** Sends a stack through so often, over the sheets that were laid. */
  press(stack: Stack, passes: number): BlindOutcome {
    if (this.mats) return this.pressIntoMat(this.mats, stack, passes)
    const { cut, run, traits, fault } = this
    const bed = bedOfStack(stack)
    if (!cut || !run || !bed) throw new Error('sheets must be laid, and the blade must meet a plate')
    if (fault.comesOut) return this.comingOut(fault.comesOut, passes)
    const pile = { ...cut, sheetCount: cut.sheetCount + fault.moreSheets }
    const pressing = {
      law: lawOf(pile, bed, traits.strengthOf(cut.sheet.id) * fault.strength),
      bedSoftness: bed.softness,
      squeezeMm: this.squeezeOf(stack) + fault.moreSheets * cut.sheet.caliper.valueMm,
    }
    if (this.isFresh) run.start(pressing)
    else run.goOn(pressing)
    this.isFresh = false
    const pressed = pressRound(run, cut, passes, 1 / fault.effort)
    const { cutFraction, meanDepth, overcutMm } = pressed
    const effort = pressed.effort * fault.effort
    const isOverload = effort >= 1
    const tooDeepMm = tooDeepFrom(cut)
    const seen = cutSeenIn({ cutFraction, meanDepth, overcutMm }, tooDeepMm)
    const hanging = seen === 'hanging' ? whereItHangsIn(run) : undefined
    const told = hanging && Math.min(1, Math.max(0.02, hanging.share + SHARE_TOLD_SPREAD * randomNormal(this.random)))
    return {
      look: {
        passes,
        seen,
        hangingShare: told === undefined ? null : Math.round(told * 10) / 10,
        hangingPlace: hanging?.place ?? null,
        feel: isOverload ? 'stopped' : this.feelTold(effort),
      },
      isGood: !isOverload && cutFraction >= CLEAN_CUT && overcutMm <= tooDeepMm,
      isOverload,
      cutFraction,
      overcutMm,
      isHarm: false,
      isMatCut: false,
    }
  }

  private squeezeOf(stack: Stack): number {
    const heightMm = stack.reduce((sum, layer) => sum + trueThicknessMm(layer, this.traits), 0)
    return heightMm - this.traits.gapMm + this.fault.squeezeMm
  }

  /** What is seen whatever the press does; the sheets are as they were. */
  private comingOut(comesOut: Readonly<Record<string, number>>, passes: number): BlindOutcome {
    let drawn = this.random() * Object.values(comesOut).reduce((sum, chance) => sum + chance, 0)
    const [seen] = Object.entries(comesOut).find(([, chance]) => (drawn -= chance) <= 0) ?? ['hanging']
    const hangs = tellsHanging(seen as Seen)
    return {
      look: {
        passes,
        seen: seen as Seen,
        hangingShare: hangs ? Math.round(10 * (0.1 + 0.5 * this.random())) / 10 : null,
        hangingPlace: hangs ? 'all-over' : null,
        feel: 'light',
      },
      isGood: false,
      isOverload: false,
      cutFraction: 0,
      overcutMm: 0,
      isHarm: false,
      isMatCut: false,
    }
  }

  /** The stretches that hang after the last round, as a person points them out: here and there a little wrong. */
  pointOut({ hangingShare }: Pick<Round, 'hangingShare'>): HangingStretch[] {
    const { cut, run, fault, random } = this
    if (!cut || !run) return []
    return pointedOut(cut, fault.comesOut ? (hangingShare ?? 0.3) : run, random)
  }

  /** What is told is drawn by how likely each look is of what really came of it. */
  private pressIntoMat(
    { spec, rig }: { readonly spec: MatSpec; readonly rig: Rig },
    stack: Stack,
    passes: number,
  ): BlindOutcome {
    const { cut, traits } = this
    const bed = spec.bedOfStack(stack)
    if (!cut || !bed) throw new Error('sheets must be laid, and a mat over them')
    if (this.fault.comesOut) return this.comingOut(this.fault.comesOut, passes)
    rig.begin(bed, this.squeezeOf(stack), traits.strengthOf('mat') * this.fault.strength, this.isFresh)
    this.isFresh = false
    let effort = 0
    for (let pass = 0; pass < passes && effort < 1; pass++) {
      const { peakTorqueNmm, peakForceN } = rig.pass()
      effort = Math.max(
        effort,
        effortOf(cut.press.drive, { torqueNmm: peakTorqueNmm, forceN: peakForceN }) / cut.rules.handShare,
      )
    }
    const values = rig.values()
    const isOverload = effort >= 1
    const isHarm = spec.harm(values, cut) >= 0
    return {
      look: {
        passes,
        seen: this.seenOf(spec, values, cut),
        hangingShare: null,
        hangingPlace: null,
        feel: isOverload ? 'stopped' : spec.feels === 'fine' ? this.finelyTold(effort, spec) : this.feelTold(effort),
      },
      isGood: !isOverload && !isHarm && spec.goodness(values, cut) >= 0,
      isOverload,
      cutFraction: 0,
      overcutMm: 0,
      isHarm,
      isMatCut: spec.isMatCut?.(values) ?? false,
    }
  }

  private seenOf(spec: MatSpec, values: readonly number[], cut: CutContext): Seen {
    const chances = spec.seen.map((seen) => spec.chanceOfSeen(values, seen, cut))
    let drawn = this.random() * chances.reduce((sum, chance) => sum + chance, 0)
    const at = chances.findIndex((chance) => (drawn -= chance) <= 0)
    return spec.seen[at === -1 ? spec.seen.length - 1 : at] as Seen
  }

  private finelyTold(effort: number, { fineMarks }: MatSpec): HandleFeel {
    return fineFeelOf(Math.max(0, effort + FINELY_FELT_SPREAD * randomNormal(this.random)), fineMarks)
  }

  /** Leads plates with paper on them between the rollers at a place, without a die: whether they take hold, as a person tells it. */
  feel(felt: FeltGap, { place, sheets }: Omit<FeltTry, 'grips'>): boolean {
    const { traits } = this
    const paperMm = sheets * (felt.sheetMm + felt.sheetSpreadMm * traits.errorOf('paper to feel with'))
    return this.grips(felt.plates, paperMm, traits.gapMm + gapAtMm(place, traits.tiltMm, traits.middleMm))
  }

  /** Leads bare plates between the rollers, anywhere along them. */
  lead(plates: FeltGap['plates']): boolean {
    return this.grips(plates, 0, this.traits.gapMm)
  }

  private grips(plates: FeltGap['plates'], paperMm: number, gapMm: number): boolean {
    const errorMm = plates.reduce((sum, { id, spreadMm }) => sum + spreadMm * this.traits.errorOf(id), 0)
    return platesHeightMm(plates) + errorMm + paperMm + GRIP_SPREAD_MM * randomNormal(this.random) > gapMm
  }

  /** The cut map that the sheets show now. */
  map(): LineMap {
    const { cut, run } = this
    if (this.mats) return this.mats.rig.map()
    if (!cut || !run) throw new Error('sheets must be laid first')
    return cutMapOf(linesLaid(cut.dies, cut.press.throatMm), run.cells, run.cut)
  }

  private feelTold(effort: number): HandleFeel {
    const feel = feelOf(Math.max(0, effort + FELT_SPREAD * randomNormal(this.random)))
    // A handle that went round did not stop.
    return feel === 'stop' ? 'hard' : feel
  }
}
