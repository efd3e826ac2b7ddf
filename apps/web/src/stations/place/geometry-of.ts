import {
  type Box,
  boxAround,
  type Die,
  keyOfThing,
  type LaidThing,
  outlineOfBlock,
  type Placement,
} from '@bold-heron/core'
import { shapeOfDie, turnedBox } from '../../drawing/placement/shapes.js'

/** The box of a thing of the run in hand on the card, mm; undefined for one that is not there, or a line. */
export const boxOfThing = (
  placement: Placement,
  thing: LaidThing,
  dieOf: (id: string) => Die | undefined,
): Box | undefined => {
  const run = placement.runs[placement.runInHand]
  if (thing.is === 'motif') {
    const { motif } = placement
    return motif ? turnedBox(motif, motif.widthMm, motif.heightMm) : undefined
  }
  if (thing.is === 'block') {
    const block = run?.blocks.find((each) => each.id === thing.id)
    return block && boxAround(outlineOfBlock(block))
  }
  if (thing.is !== 'die') return undefined
  const laid = run?.dies.find((each) => each.id === thing.id)
  const die = laid && dieOf(laid.dieId)
  if (!run || !laid || !die) return undefined
  const shape = shapeOfDie(die, run.face)
  return turnedBox(laid, shape.widthMm, shape.heightMm)
}

/** Boxes of everything else in the run in hand, to line up with. */
export const boxesOfOthers = (
  placement: Placement,
  thing: LaidThing,
  dieOf: (id: string) => Die | undefined,
): Box[] => {
  const run = placement.runs[placement.runInHand]
  const things: LaidThing[] = [
    ...(run?.dies ?? []).map((die) => ({ is: 'die' as const, id: die.id })),
    ...(run?.blocks ?? []).map((block) => ({ is: 'block' as const, id: block.id })),
    ...(placement.motif ? [{ is: 'motif' as const }] : []),
  ]
  return things
    .filter((each) => keyOfThing(each) !== keyOfThing(thing))
    .flatMap((each) => boxOfThing(placement, each, dieOf) ?? [])
}
