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
import type { Placement, PlacedRun, Spot } from './placed-run.js'
import { beyondLine, directionsOf } from './pressed-region.js'

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

/** mm. A shape that reaches over the line by less is easily torn off. From memory. */
const LEAST_OVERLAP_MM = 1
/** mm. What a hinge of ordinary card needs at least; and so many calipers. From memory. */
const LEAST_HINGE_MM = 1.5
const HINGE_CALIPERS = 5
/** mm. A cut that comes nearer to a crease weakens it. From memory. */
const LEAST_TO_CREASE_MM = 3
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

/** Spots along the side of a pencil line that is not pressed: the card stays there, unless something there is to come away. */
const beyondLines = (runs: readonly PlacedRun[], { widthMm, heightMm }: Card, waste: readonly Spot[]): Spot[] =>
  runs.flatMap(({ line }) => {
    if (!line || waste.some((spot) => beyondLine(line, spot.xMm, spot.yMm) < 0)) return []
    const { along, towards } = directionsOf(line)
    const spots: Spot[] = []
    for (let step = -MOST_STEPS; step <= MOST_STEPS; step++) {
      const xMm = line.xMm + step * STEP_MM * along[0] - BESIDE_MM * towards[0]
      const yMm = line.yMm + step * STEP_MM * along[1] - BESIDE_MM * towards[1]
      if (xMm > 0 && yMm > 0 && xMm < widthMm && yMm < heightMm) spots.push({ xMm, yMm })
    }
    return spots
  })

const findingsOfDie = (die: DieCut, run: PlacedRun, caliperMm: number): PlacementFinding[] => {
  const own = (code: PlacementFindingCode, severity: Severity, values: PlacementFinding['values'] = {}) =>
    found(code, severity, run, { die: die.dieName, ...values }, die.laid.id)
  const findings: PlacementFinding[] = []
  if (die.cutMm < LEAST_CUT_MM) return [own('nothing-cut', 'stop')]
  if (die.offMm > LEAST_CUT_MM) findings.push(own('die-off-card', 'note', { offMm: die.offMm }))
  if (run.region === 'all') return findings
  // What lies off the card holds nothing either.
  if (die.leftMm < LEAST_CUT_MM) return [...findings, own('nothing-attached', 'stop')]
  if (die.innerLeft > 0) findings.push(own('inner-shape-attached', 'caution', { count: die.innerLeft }))
  if (die.overLineMm !== undefined && die.overLineMm > 0 && die.overLineMm < LEAST_OVERLAP_MM)
    findings.push(own('little-overlap', 'caution', { overMm: die.overLineMm, limitMm: LEAST_OVERLAP_MM }))
  const limitMm = Math.max(LEAST_HINGE_MM, HINGE_CALIPERS * caliperMm)
  const narrowest = Math.min(...die.hinges.map((hinge) => hinge.widthMm))
  if (narrowest < limitMm) findings.push(own('hinge-narrow', 'caution', { hingeMm: narrowest, limitMm }))
  return findings
}

const findingsOfRun = (cut: RunCut, placement: Placement, caliperMm: number): PlacementFinding[] => {
  const { run, dies } = cut
  const { fold } = placement.card
  if (run.dies.length === 0) return [found('no-dies', 'note', run)]
  const findings: PlacementFinding[] = []
  if (run.region === 'to-line' && !run.line) findings.push(found('no-line', 'stop', run))
  if (run.region === 'under-block' && run.blocks.length === 0) findings.push(found('no-block', 'stop', run))
  if (findings.length > 0) return findings
  findings.push(...dies.flatMap((die) => findingsOfDie(die, run, caliperMm)))
  if (fold) {
    findings.push(
      found(
        run.goesIn === 'open' ? 'open-the-card' : 'two-thicknesses',
        run.goesIn === 'open' ? 'note' : 'caution',
        run,
      ),
    )
    const lines = dies.flatMap((die) => die.cut)
    const clearMm = clearOfCrease(lines, fold)
    if (clearMm > 0 && clearMm < LEAST_TO_CREASE_MM)
      findings.push(found('cut-near-crease', 'caution', run, { clearMm, limitMm: LEAST_TO_CREASE_MM }))
  }
  return findings
}

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
  const runs = placement.runs.map((run) => cutOfRun(run, card, dieOf))
  const pressed = runs.flatMap((cut) => cutLinesOf(cut, card)).filter((line) => lengthOf(line) > LEAST_CUT_MM)
  const cuts = [...pressed, ...hairsBetween(pressed)]
  const partial = runs.filter((cut) => cut.run.region !== 'all')
  const hinges = partial.flatMap(({ dies }) =>
    dies.flatMap((die) => die.hinges.map((hinge) => ({ ...hinge, dieName: die.dieName }))),
  )
  const shapes = runs.flatMap(({ run, dies }) =>
    dies.map((die) => ({ loops: closedLines(die), whole: run.region === 'all' })),
  )
  const kept = [
    ...keep,
    ...besideHinges(
      partial.flatMap(({ dies }) => dies),
      waste,
    ),
    ...beyondLines(
      partial.map(({ run }) => run),
      card,
      waste,
    ),
  ]
  const knife = planKnife({
    card,
    cuts,
    left: partial.flatMap(({ dies }) => dies.flatMap((die) => [...die.left])),
    lines: partial.flatMap(({ run }) => run.line ?? []),
    shapes: runs.flatMap(({ dies }) =>
      dies.filter((die) => !waste.some((spot) => isInShape(die, spot))).flatMap((die) => closedLines(die)),
    ),
    waste,
    keep: kept,
  })
  const pieces = sortPieces({ card, cuts: [...cuts, ...knife.cuts.map(({ line }) => line)], shapes, waste, keep: kept })
  const own = pieces.find((piece) => piece.is === 'card')
  const crease = card.fold && own ? creaseOf(card, card.fold, own) : undefined

  const findings = runs.flatMap((cut) => findingsOfRun(cut, placement, caliperMm))
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
