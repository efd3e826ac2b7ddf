import type { Die } from '../dies/die.js'
import { transformed } from '../geometry/affine.js'
import { depthsOf } from '../geometry/nesting-depth.js'
import { rectangle } from '../geometry/rectangle.js'
import { isClosed, lengthOf, type Polyline } from '../geometry/polyline.js'
import { type Region, splitByRegion } from '../geometry/region.js'
import { type Card, throughFold } from './card.js'
import { type LaidDie, linesOnCard, type PlacedRun, type Spot } from './placed-run.js'
import { boxInPress } from './press-view.js'
import { pressedRegion, reachOverLine } from './pressed-region.js'

/** Where a shape stays joined to the card: the straight distance between the two ends of a stretch that is not cut, mm. */
export interface Hinge {
  readonly from: Spot
  readonly to: Spot
  readonly widthMm: number
}

/** What one die does to the card in one press run. Lines lie on the card's front, mm. */
export interface DieCut {
  readonly laid: LaidDie
  readonly dieName: string
  /** All its lines, closed ones closed. */
  readonly lines: readonly Polyline[]
  /** What is cut, what is not pressed, and what lies off the card: together all its lines, nothing in two. */
  readonly cut: readonly Polyline[]
  readonly left: readonly Polyline[]
  readonly off: readonly Polyline[]
  readonly cutMm: number
  readonly leftMm: number
  readonly offMm: number
  /** Where its outer lines stay joined. */
  readonly hinges: readonly Hinge[]
  /** Inner shapes (counters, islands) cut only in part: they stay attached and want a knife. */
  readonly innerLeft: number
  /** How far it reaches over the line to the side that is not pressed, mm; undefined without a line. */
  readonly overLineMm: number | undefined
}

export interface RunCut {
  readonly run: PlacedRun
  readonly dies: readonly DieCut[]
}

const sum = (lines: readonly Polyline[]): number => lines.reduce((total, line) => total + lengthOf(line), 0)

const spot = (line: Polyline, end: 'first' | 'last'): Spot => {
  const at = end === 'first' ? 0 : line.length - 2
  return { xMm: line[at] as number, yMm: line[at + 1] as number }
}

const hingeOf = (line: Polyline): Hinge => {
  const [from, to] = [spot(line, 'first'), spot(line, 'last')]
  return { from, to, widthMm: Math.hypot(to.xMm - from.xMm, to.yMm - from.yMm) }
}

const cutOfDie = (laid: LaidDie, die: Die, run: PlacedRun, card: Card, region: Region | undefined): DieCut => {
  const lines = linesOnCard(die, laid, run.face)
  const loops = lines.filter(isClosed)
  const depths = depthsOf(loops)
  const innerLoops = new Set<Polyline>(loops.filter((_, at) => (depths[at] as number) % 2 === 1))
  // Folded shut, the card ends at its crease.
  const onCard: Region = [rectangle(boxInPress(card, run))]
  const cut: Polyline[] = []
  const left: Polyline[] = []
  const off: Polyline[] = []
  const hinges: Hinge[] = []
  let innerLeft = 0
  for (const line of lines) {
    const stretches = region ? splitByRegion(line, region) : [{ line: [...line], inside: true }]
    const pressed = stretches.filter((stretch) => stretch.inside)
    const unpressed = stretches.filter((stretch) => !stretch.inside)
    for (const stretch of pressed)
      for (const part of splitByRegion(stretch.line, onCard)) (part.inside ? cut : off).push(part.line)
    left.push(...unpressed.map((stretch) => stretch.line))
    if (pressed.length === 0 || unpressed.length === 0) continue
    if (innerLoops.has(line)) innerLeft++
    else if (isClosed(line)) hinges.push(...unpressed.map((stretch) => hingeOf(stretch.line)))
  }
  const { line } = run
  const overLineMm = line ? reachOverLine(line, lines) : undefined
  return {
    laid,
    dieName: die.name,
    lines,
    cut,
    left,
    off,
    cutMm: sum(cut),
    leftMm: sum(left),
    offMm: sum(off),
    hinges,
    innerLeft,
    overLineMm,
  }
}

/** Works out what a run cuts; dies that `dieOf` does not know are left out. */
export const cutOfRun = (run: PlacedRun, card: Card, dieOf: (id: string) => Die | undefined): RunCut => {
  const region = pressedRegion(run)
  return {
    run,
    dies: run.dies.flatMap((laid) => {
      const die = dieOf(laid.dieId)
      return die ? [cutOfDie(laid, die, run, card, region)] : []
    }),
  }
}

/** The cut lines of a run on the open card: where it went in folded shut, those of both thicknesses. */
export const cutLinesOf = ({ run, dies }: RunCut, card: Card): Polyline[] => {
  const lines = dies.flatMap((die) => die.cut)
  const { fold } = card
  if (run.goesIn === 'open' || !fold) return lines
  return [...lines, ...lines.map((line) => transformed(line, throughFold(fold)))]
}
