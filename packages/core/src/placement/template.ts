import { transformed } from '../geometry/affine.js'
import { rectangle } from '../geometry/rectangle.js'
import type { Polyline } from '../geometry/polyline.js'
import { splitByRegion } from '../geometry/region.js'
import type { BladeSide } from '../layers/layer.js'
import { outlineOfCard } from './card.js'
import { guideFor } from './guide.js'
import { boxAround } from '../geometry/box.js'
import { marksBefore } from './each-die-once.js'
import { ownEdgeOf } from './own-edge.js'
import type { PlacedRun, Placement } from './placed-run.js'
import { lineOnCard, outlineOfBlock, padOnLine } from './pressed-region.js'
import { cardToPressDrawing } from './press-view.js'
import type { TemplateLine, TemplatePart } from '../templates/template-line.js'
import type { PlacementReading } from './read-placement.js'

export interface TemplateChoice {
  /** The run shown; all of them where undefined. */
  readonly runAt?: number | undefined
  /** As it lies in the press, mirrored where the face that the blades enter looks down. */
  readonly inPress: boolean
  readonly blade: BladeSide
  /** With the guide for each die. */
  readonly guides: boolean
  /** mm of card that is left round each; as usual where absent. */
  readonly guideMarginMm?: number | undefined
}

type PadSize = Parameters<typeof padOnLine>[0]

/** Every line of a true-size template, mm from the card's top left corner. */
export const templateOf = (
  placement: Placement,
  reading: PlacementReading,
  padOf: (id: string) => PadSize | undefined,
  { runAt, inPress, blade, guides, guideMarginMm }: TemplateChoice,
): TemplateLine[] => {
  const { card, motif } = placement
  const lines: TemplateLine[] = [{ part: 'card', line: outlineOfCard(card) }]
  const add = (part: TemplatePart, more: readonly Polyline[]): void =>
    void lines.push(...more.map((line) => ({ part, line })))
  add('score', reading.crease?.left ?? [])
  if (motif) {
    const [w, h] = [motif.widthMm / 2, motif.heightMm / 2]
    const print = rectangle({ fromX: motif.xMm - w, fromY: motif.yMm - h, toX: motif.xMm + w, toY: motif.yMm + h })
    add('motif', [print])
    // A window to lay over what is printed, trimmed as wide round it as the guides are.
    const window = guides ? guideFor([print], guideMarginMm) : undefined
    if (window) add('guide', [window.trim, ...window.opening])
  }
  const shown = runAt === undefined ? reading.runs : reading.runs.slice(runAt, runAt + 1)
  for (const { run, dies } of shown) {
    const pressed = dies.flatMap((die) => [...die.cut])
    add('die', pressed)
    add(
      'uncut',
      dies.flatMap((die) => [...die.left, ...die.off]),
    )
    const pad = run.padId === null ? undefined : padOf(run.padId)
    if (run.line) {
      const edge = lineOnCard(run.line, card)
      if (edge) add(ownEdgeOf(run, placement.runs) ? 'pad' : 'pencil', [edge])
      if (pad) add('pad', nearCard(padOnLine(pad, run.line, pressed).outline, card))
    }
    add('pencil', sidesMarked(placement, run, reading))
    if (run.region === 'under-block') add('block', run.blocks.flatMap(outlineOfBlock))
    if (guides)
      for (const die of dies) {
        const guide = guideFor(die.lines, guideMarginMm)
        if (guide) add('guide', [guide.trim])
      }
  }
  add(
    'knife',
    reading.knife.cuts.map(({ line }) => line),
  )
  const run = placement.runs[runAt ?? 0]
  if (!inPress || !run) return lines
  const place = cardToPressDrawing(card, run, blade)
  return lines.map(({ part, line }) => ({ part, line: transformed(line, place) }))
}

/** The left sides of where a run's dies come again in a later one, as they are pencilled before it. */
const sidesMarked = ({ runs }: Placement, run: PlacedRun, reading: PlacementReading): Polyline[] =>
  marksBefore(runs, runs.indexOf(run)).flatMap(({ laid, inRun }) => {
    const box = boxAround(reading.runs[inRun]?.dies.find((die) => die.laid.id === laid.id)?.lines ?? [])
    return box ? [[box.fromX, box.fromY, box.fromX, box.toY]] : []
  })

/** mm. How far beyond the card a pad is drawn; all of it would want many pages. */
const BESIDE_CARD_MM = 10

/** The stretches of a line that lie on the card or close by. */
const nearCard = (line: Polyline, { widthMm, heightMm }: Placement['card']): Polyline[] =>
  splitByRegion(line, [
    rectangle({
      fromX: -BESIDE_CARD_MM,
      fromY: -BESIDE_CARD_MM,
      toX: widthMm + BESIDE_CARD_MM,
      toY: heightMm + BESIDE_CARD_MM,
    }),
  ]).flatMap((stretch) => (stretch.inside ? [stretch.line] : []))
