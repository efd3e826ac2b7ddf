import type { Die } from '../dies/die.js'
import { type Box, boxAround, heightOfBox } from '../geometry/box.js'
import { transformed } from '../geometry/affine.js'
import type { BladeSide } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { RunCut } from './cut-of-run.js'
import { guideTrim } from './guide-trim.js'
import { type LaidBlock, linesOnCard, type PlacedRun, type Placement } from './placed-run.js'
import { padOnLine } from './pressed-region.js'
import { sizeInPress, cardToPress } from './press-view.js'
import type { PlacementFinding } from './read-placement.js'
import { BLOCKS_ALIKE_MM } from './constants.js'
import { SAME_DIE_HEIGHT_MM } from '../dies/constants.js'

/** The press and the plates that a placement is to fit. */
export interface Fitting {
  readonly throatMm: number
  readonly blade: BladeSide
  readonly plates: readonly Plate[]
}

const SMALL_MM = 0.01
/** What is found of a run, before it is said of which. */
type Found = Omit<PlacementFinding, 'runId'>

/** What speaks against several blocks in one run: they must be as high as one another, and there must be as many. */
const blockFindings = ({ blocks }: PlacedRun, plates: Fitting['plates']): Found[] => {
  const plateOf = ({ material }: LaidBlock): Plate | undefined =>
    material.is === 'plate' ? plates.find(({ id }) => id === material.plateId) : undefined
  const heights = blocks.flatMap((block) => plateOf(block)?.thickness.valueMm ?? [])
  const differMm = Math.max(...heights) - Math.min(...heights)
  const kinds = new Set(blocks.map(({ material }) => (material.is === 'plate' ? 'plate' : material.sheetId)))
  const short = blocks
    .flatMap((block) => plateOf(block) ?? [])
    .find((plate) => blocks.filter((block) => plateOf(block) === plate).length > plate.count)
  return [
    ...(differMm > BLOCKS_ALIKE_MM
      ? [{ code: 'blocks-differ' as const, severity: 'stop' as const, values: { differMm } }]
      : []),
    // How many cards are glued up is found out, so they cannot be laid beside anything else.
    ...(kinds.size > 1 ? [{ code: 'blocks-mixed' as const, severity: 'stop' as const, values: {} }] : []),
    ...(short
      ? [
          {
            code: 'blocks-too-few' as const,
            severity: 'stop' as const,
            values: { plate: short.name, count: short.count },
          },
        ]
      : []),
  ]
}

/** Whether two boxes share a place. */
const overlap = (one: Box, other: Box): boolean =>
  one.fromX < other.toX && other.fromX < one.toX && one.fromY < other.toY && other.fromY < one.toY

/** Guides that lie over their neighbours', with the tape that holds them: laid one after the other, then. */
const guideFindings = ({ dies, face }: PlacedRun, dieOf: (id: string) => Die | undefined): Found[] => {
  const guided = dies.flatMap((laid) => {
    const die = dieOf(laid.dieId)
    const trim = die?.hasGuide && guideTrim(linesOnCard(die, laid, face))
    return die && trim ? [{ name: die.name, trim }] : []
  })
  return guided.flatMap(({ name, trim }, at) =>
    guided
      .slice(at + 1)
      .filter((other) => overlap(trim, other.trim))
      .map((other) => ({
        code: 'guides-overlap' as const,
        severity: 'note' as const,
        values: { one: name, other: other.name },
      })),
  )
}

/** What does not fit of a placement: card and dies through the throat, pads over what they are to press, dies side by side. */
export const fitFindings = (
  { card, runs }: Placement,
  cuts: readonly RunCut[],
  dieOf: (id: string) => Die | undefined,
  { throatMm, blade, plates }: Fitting,
): PlacementFinding[] =>
  runs.flatMap((run, at): PlacementFinding[] => {
    const own = (
      code: PlacementFinding['code'],
      severity: PlacementFinding['severity'],
      values: PlacementFinding['values'],
    ): PlacementFinding => ({ code, severity, values, runId: run.id })
    const found: PlacementFinding[] = []
    const pressed = (cuts[at]?.dies ?? []).flatMap((die) => [...die.cut])
    const box = boxAround(pressed.map((line) => transformed(line, cardToPress(card, run, blade))))
    const { acrossMm } = sizeInPress(card, run)
    // Card may hang over the plates' sides, but not wider than the rollers; lines that are pressed must lie within them.
    if (acrossMm > throatMm)
      found.push(
        own('card-wider-than-throat', box && heightOfBox(box) > throatMm ? 'stop' : 'caution', {
          acrossMm,
          limitMm: throatMm,
        }),
      )
    const heights = run.dies.flatMap((laid) => dieOf(laid.dieId)?.height.valueMm ?? [])
    const differMm = Math.max(...heights) - Math.min(...heights)
    if (differMm > SAME_DIE_HEIGHT_MM) found.push(own('dies-differ', 'stop', { differMm }))
    const more = [...guideFindings(run, dieOf), ...(run.region === 'under-block' ? blockFindings(run, plates) : [])]
    found.push(...more.map((each) => ({ ...each, runId: run.id })))
    const pad = plates.find((plate) => plate.id === run.padId)
    if (run.region !== 'to-line' || !run.line || !pad || pressed.length === 0) return found
    const { bevelMm, sparesAlongMm, sparesAcrossMm } = padOnLine(pad, run.line, pressed)
    if (sparesAlongMm < -SMALL_MM) found.push(own('pad-too-short', 'stop', { plate: pad.name, byMm: -sparesAlongMm }))
    if (sparesAcrossMm < -SMALL_MM)
      found.push(own('pad-too-narrow', 'stop', { plate: pad.name, byMm: -sparesAcrossMm }))
    if (bevelMm > SMALL_MM) found.push(own('pad-has-bevel', 'note', { plate: pad.name, bevelMm }))
    return found
  })
