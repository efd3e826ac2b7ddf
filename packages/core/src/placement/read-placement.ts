import type { Die } from '../dies/die.js'
import type { Finding, Severity } from '../faults/finding.js'
import { contains } from '../geometry/nesting-depth.js'
import { isClosed, lengthOf, type Polyline } from '../geometry/polyline.js'
import { type CardPiece, sortPieces } from './card-pieces.js'
import { hairsBetween } from './cut-ends.js'
import { clearOfCrease, type Crease, creaseOf } from './crease.js'
import { cutLinesOf, cutOfRun, type DieCut, type Hinge, type RunCut } from './cut-of-run.js'
import type { Card } from './card.js'
import type { PlacementFindingCode } from './finding-code.js'
import { type KnifePlan, planKnife } from './knife-plan.js'
import { type AtFold, atFold } from './at-fold.js'
import { laidTooOften } from './each-die-once.js'
import { ownEdgeOf } from './own-edge.js'
import { type PlacedRun, type Placement, pressesBothHalves, type Spot } from './placed-run.js'
import { beyondLine, directionsOf } from './pressed-region.js'
import { standsOnCrease } from './word-on-fold.js'
import { LEAST_OVERLAP_MM, LEAST_HINGE_MM, HINGE_CALIPERS, LEAST_TO_CREASE_MM } from './constants.js'

/** A finding, and the run and die it is about where it is about one. */
export interface PlacementFinding extends Finding<PlacementFindingCode> {
  readonly runId?: string
  readonly laidId?: string
}

/** Everything there is to say of a placement before any press is asked. */
export interface PlacementReading {
  readonly runs: readonly RunCut[]
  /** All that the press cuts, run after run. */
  readonly cutMm: number
  readonly hinges: readonly (Hinge & { readonly dieName: string })[]
  readonly knife: KnifePlan
  /** The pieces after press and knife. */
  readonly pieces: readonly CardPiece[]
  readonly crease: Crease | undefined
  readonly findings: readonly PlacementFinding[]
}

/** mm. Length of a cut that is rounding, not a cut. */
const LEAST_CUT_MM = 0.05
/** mm. How far to either side of a hinge or line the card is known to be kept. */
const BESIDE_MM = 0.4
/** mm. How densely the kept side of a pencil line is marked, and how far out. */
const STEP_MM = 2.5
const MOST_STEPS = 400

const found = (
  code: PlacementFindingCode,
  severity: Severity,
  run?: PlacedRun,
  values: PlacementFinding['values'] = {},
  laidId?: string,
): PlacementFinding => ({
  code,
  severity,
  values,
  ...(run ? { runId: run.id } : {}),
  ...(laidId === undefined ? {} : { laidId }),
})

const closedLines = (die: DieCut): Polyline[] => die.lines.filter(isClosed)

/** Whether a spot lies in a die's shape: inside an odd number of its closed lines. */
const isInShape = (die: DieCut, { xMm, yMm }: Spot): boolean =>
  closedLines(die).filter((line) => contains(line, xMm, yMm)).length % 2 === 1

/** Spots on either side of the middle of a straight piece. */
const besideMiddle = (ax: number, ay: number, bx: number, by: number): Spot[] => {
  const length = Math.hypot(bx - ax, by - ay)
  if (length === 0) return []
  const [ux, uy] = [(bx - ax) / length, (by - ay) / length]
  return [BESIDE_MM, -BESIDE_MM].map((side) => ({
    xMm: (ax + bx) / 2 - side * uy,
    yMm: (ay + by) / 2 + side * ux,
  }))
}

/** Spots on either side of each hinge, and of the line beyond it: what a shape hangs on must stay, unless it is to come away itself. */
const besideHinges = (dies: readonly DieCut[], waste: readonly Spot[]): Spot[] =>
  dies
    .filter((die) => die.hinges.length > 0 && !waste.some((spot) => isInShape(die, spot)))
    .flatMap((die) => [
      ...die.hinges.flatMap(({ from, to }) => besideMiddle(from.xMm, from.yMm, to.xMm, to.yMm)),
      ...die.left.flatMap((line) => {
        const at = 2 * Math.floor(line.length / 4)
        return at < 2
          ? []
          : besideMiddle(line[at - 2] as number, line[at - 1] as number, line[at] as number, line[at + 1] as number)
      }),
    ])

/**
 * Spots along the side of a line that is not pressed: the card stays there, unless something there is to come away, or it is in a window that
 * comes away itself.
 */
const beyondLines = (runs: readonly RunCut[], { widthMm, heightMm }: Card, waste: readonly Spot[]): Spot[] =>
  runs.flatMap(({ run: { line }, dies }) => {
    const windows = dies.filter((die) => waste.some((spot) => isInShape(die, spot)))
    if (!line || waste.some((spot) => beyondLine(line, spot.xMm, spot.yMm) < 0)) return []
    const { along, towards } = directionsOf(line)
    const spots: Spot[] = []
    for (let step = -MOST_STEPS; step <= MOST_STEPS; step++) {
      const xMm = line.xMm + step * STEP_MM * along[0] - BESIDE_MM * towards[0]
      const yMm = line.yMm + step * STEP_MM * along[1] - BESIDE_MM * towards[1]
      const isOnCard = xMm > 0 && yMm > 0 && xMm < widthMm && yMm < heightMm
      if (isOnCard && !windows.some((die) => isInShape(die, { xMm, yMm }))) spots.push({ xMm, yMm })
    }
    return spots
  })

/** What is found of a die's foot where the plate ends near it: a letter's hinge may tear, a window's foot may be cut with the rest. */
const findingOfFoot = (die: DieCut, run: PlacedRun, waste: readonly Spot[]): PlacementFinding | undefined => {
  const { overLineMm: overMm } = die
  if (overMm === undefined || overMm < -LEAST_CUT_MM || overMm > LEAST_OVERLAP_MM) return undefined
  const isWindow = waste.some((spot) => isInShape(die, spot))
  const values = { die: die.dieName, overMm: Math.max(0, overMm), limitMm: LEAST_OVERLAP_MM }
  return found(isWindow ? 'edge-at-foot' : 'little-overlap', 'caution', run, values, die.laid.id)
}

const findingsOfDie = (die: DieCut, run: PlacedRun, caliperMm: number, waste: readonly Spot[]): PlacementFinding[] => {
  const own = (code: PlacementFindingCode, severity: Severity, values: PlacementFinding['values'] = {}) =>
    found(code, severity, run, { die: die.dieName, ...values }, die.laid.id)
  const findings: PlacementFinding[] = []
  if (die.cutMm < LEAST_CUT_MM) return [own('nothing-cut', 'stop')]
  if (die.offMm > LEAST_CUT_MM) findings.push(own('die-off-card', 'note', { offMm: die.offMm }))
  if (run.region === 'all') return findings
  const foot = findingOfFoot(die, run, waste)
  // What lies off the card holds nothing either.
  if (die.leftMm < LEAST_CUT_MM) return [...findings, foot ?? own('nothing-attached', 'stop')]
  if (die.innerLeft > 0) findings.push(own('inner-shape-attached', 'caution', { count: die.innerLeft }))
  if (foot) findings.push(foot)
  const limitMm = Math.max(LEAST_HINGE_MM, HINGE_CALIPERS * caliperMm)
  const narrowest = Math.min(...die.hinges.map((hinge) => hinge.widthMm))
  if (narrowest < limitMm) findings.push(own('hinge-narrow', 'caution', { hingeMm: narrowest, limitMm }))
  return findings
}

/** What is found of a die that lies at the fold of a sheet that goes in folded shut. */
const findingsAtFold = (die: DieCut, { beyondMm, is, snips }: AtFold, run: PlacedRun): PlacementFinding[] => {
  const values = { die: die.dieName, byMm: Math.abs(beyondMm) }
  const own = (code: PlacementFindingCode, severity: Severity) => [found(code, severity, run, values, die.laid.id)]
  if (is === 'parted') return own('halves-cut-apart', 'stop')
  if (is === 'at-line') return own('fold-at-line', 'caution')
  return snips.length > 0 ? own('half-hangs', 'note') : []
}

const findingsOfRun = (
  { run, dies, atFolds }: RunAtFold,
  placement: Placement,
  dieOf: (id: string) => Die | undefined,
  caliperMm: number,
): PlacementFinding[] => {
  const { fold } = placement.card
  if (run.dies.length === 0) return [found('no-dies', 'note', run)]
  const findings: PlacementFinding[] = []
  if (run.region === 'to-line' && !run.line) findings.push(found('no-line', 'stop', run))
  if (run.region === 'under-block' && run.blocks.length === 0) findings.push(found('no-block', 'stop', run))
  if (findings.length > 0) return findings
  for (const { dieId, count, owned } of laidTooOften(run, dieOf))
    findings.push(found('die-laid-too-often', 'stop', run, { die: dieOf(dieId)?.name ?? '', count, owned }))
  for (const die of dies)
    findings.push(
      ...findingsOfDie(die, run, caliperMm, placement.waste)
        // What reaches over a fold lies off the card on purpose.
        .filter(({ code }) => code !== 'die-off-card' || !atFolds.has(die)),
    )
  if (fold) {
    // Halves on a fold are meant for two thicknesses.
    const isMeant = run.goesIn === 'open' || atFolds.size > 0
    findings.push(found(run.goesIn === 'open' ? 'open-the-card' : 'two-thicknesses', isMeant ? 'note' : 'caution', run))
    for (const die of dies) {
      const at = atFolds.get(die)
      if (at) findings.push(...findingsAtFold(die, at, run))
    }
    // A word's letters end just short of the crease on purpose, and halves at the fold have findings of their own.
    const others = standsOnCrease(run, placement.card, dieOf)
      ? []
      : dies.filter((die) => atFolds.get(die)?.is !== 'joined')
    const clearMm = clearOfCrease(
      others.flatMap((die) => die.cut),
      fold,
    )
    if (clearMm > 0 && clearMm < LEAST_TO_CREASE_MM)
      findings.push(found('cut-near-crease', 'caution', run, { clearMm, limitMm: LEAST_TO_CREASE_MM }))
  }
  return findings
}

/** A run's cut, with what lies at the fold of a sheet that goes in folded shut. */
interface RunAtFold extends RunCut {
  readonly atFolds: ReadonlyMap<DieCut, AtFold>
}

const withFolds = (cut: RunCut, { fold }: Card): RunAtFold => ({
  ...cut,
  atFolds: new Map(
    fold && pressesBothHalves(cut.run)
      ? cut.dies.flatMap((die) => {
          const at = atFold(die.lines, fold)
          return at ? [[die, at] as const] : []
        })
      : [],
  ),
})

/** Whether a piece that came loose is large enough to be told of, mm². */
const LEAST_TOLD_MM2 = 1

/**
 * Reads a placement: what each run cuts and leaves, what still holds, the knife plan, and the pieces that come of it. Lengths in
 * mm; `caliperMm` is that of one sheet. Dies that `dieOf` does not know are left out.
 */
export const readPlacement = (
  placement: Placement,
  dieOf: (id: string) => Die | undefined,
  caliperMm: number,
): PlacementReading => {
  const { card, waste, keep } = placement
  const runs = placement.runs.map((run) => withFolds(cutOfRun(run, card, dieOf), card))
  const pressed = runs.flatMap((cut) => cutLinesOf(cut, card)).filter((line) => lengthOf(line) > LEAST_CUT_MM)
  const halves = runs.flatMap(({ atFolds }) => [...atFolds.values()])
  const cuts = [...pressed, ...hairsBetween(pressed), ...halves.flatMap(({ snips }) => snips)]
  const partial = runs.filter((cut) => cut.run.region !== 'all')
  const hinges = partial.flatMap(({ dies }) =>
    dies.flatMap((die) => die.hinges.map((hinge) => ({ ...hinge, dieName: die.dieName }))),
  )
  const shapes = runs.flatMap(({ run, dies, atFolds }) =>
    dies.map((die) => ({ loops: atFolds.get(die)?.shape ?? closedLines(die), whole: run.region === 'all' })),
  )
  const kept = [
    ...keep,
    ...besideHinges(
      partial.flatMap(({ dies }) => dies),
      waste,
    ),
    ...beyondLines(partial, card, waste),
  ]
  const lines = partial.flatMap(({ run }) =>
    run.line ? [{ line: run.line, isOwn: ownEdgeOf(run, placement.runs) !== undefined }] : [],
  )
  const knife = planKnife({
    card,
    cuts,
    left: partial.flatMap(({ dies }) => dies.flatMap((die) => [...die.left])),
    lines: lines.flatMap(({ line, isOwn }) => (isOwn ? [] : [line])),
    edges: lines.flatMap(({ line, isOwn }) => (isOwn ? [line] : [])),
    shapes: runs.flatMap(({ dies }) =>
      dies.filter((die) => !waste.some((spot) => isInShape(die, spot))).flatMap((die) => closedLines(die)),
    ),
    waste,
    keep: kept,
  })
  const pieces = sortPieces({ card, cuts: [...cuts, ...knife.cuts.map(({ line }) => line)], shapes, waste, keep: kept })
  const own = pieces.find((piece) => piece.is === 'card')
  const crease = card.fold && own ? creaseOf(card, card.fold, own) : undefined

  const findings = runs.flatMap((cut) => findingsOfRun(cut, placement, dieOf, caliperMm))
  for (const piece of pieces)
    if (piece.is === 'loose' && piece.areaMm2 > LEAST_TOLD_MM2)
      findings.push(found('piece-falls-out', 'caution', undefined, { areaMm2: piece.areaMm2 }))
  if (!knife.frees) findings.push(found('waste-held', 'caution'))
  if (crease && crease.leftMm < LEAST_HINGE_MM) findings.push(found('crease-gone', 'stop'))
  else if (crease && !crease.joins) findings.push(found('halves-parted', 'stop'))
  return {
    runs,
    cutMm: pressed.reduce((sum, line) => sum + lengthOf(line), 0),
    hinges,
    knife,
    pieces,
    crease,
    findings,
  }
}
