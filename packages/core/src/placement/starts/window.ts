import { cardOfFront } from '../card.js'
import { contains } from '../../geometry/nesting-depth.js'
import { isClosed } from '../../geometry/polyline.js'
import type { Die } from '../../dies/die.js'
import { type LaidDie, linesOnCard, type Spot } from '../placed-run.js'
import { setInRow } from '../set-in-row.js'
import { REST_MM, areaOf, FRONT_MM, laid, laidOn, runOf, sizeOf, type Start, usualPanel } from './start.js'
import { EDGE_ABOVE_FOOT_MM } from '../constants.js'

/** A single motif's foot reaches over the line by this share of its height: it may be narrow lower down. From memory. */
const MOTIF_FOOT = 1 / 6
/** mm. How finely a place for the waste mark is looked for, and how far from every line it keeps. */
const STEP_MM = 1.5

/** A place in the window that no letter takes, for the mark of what is to come away; none where the letters fill it. */
const wasteIn = (window: Die, pose: LaidDie, letters: readonly (readonly [Die, LaidDie])[]): Spot[] => {
  const size = sizeOf(window)
  const shape = linesOnCard(window, pose, 'front').filter(isClosed)
  const taken = letters.flatMap(([die, at]) => linesOnCard(die, at, 'front').filter(isClosed))
  const isFree = (x: number, y: number): boolean =>
    [-STEP_MM, 0, STEP_MM].every((nudge) =>
      [
        [x + nudge, y],
        [x, y + nudge],
      ].every(
        ([atX = x, atY = y]) =>
          shape.filter((loop) => contains(loop, atX, atY)).length === 1 &&
          !taken.some((loop) => contains(loop, atX, atY)),
      ),
    )
  for (let y = pose.yMm - size.heightMm / 2; y < pose.yMm + size.heightMm / 2; y += STEP_MM)
    for (let x = pose.xMm - size.widthMm / 2; x < pose.xMm + size.widthMm / 2; x += STEP_MM)
      if (isFree(x, y)) return [{ xMm: x, yMm: y }]
  return []
}

/**
 * A window with a word or a motif on its lower edge: the largest die is the window. The word is pressed first, down to the pencil line at the
 * window's foot; then the window, its plate's edge just above the foot, so that the word stays on the card.
 */
export const window: Start = (asked) => {
  const [frame, ...rest] = [...asked.dies].sort((one, other) => areaOf(other) - areaOf(one))
  if (!frame) return laidOn(usualPanel(), [runOf(1, asked, {})])
  // In the order they were named, as a word is read.
  const letters = asked.dies.filter((die) => rest.includes(die))
  const size = sizeOf(frame)
  const card = cardOfFront(
    'panel',
    Math.max(FRONT_MM.widthMm, size.widthMm + 2 * REST_MM),
    Math.max(FRONT_MM.heightMm, size.heightMm + 2 * REST_MM),
  )
  const middle = { xMm: card.widthMm / 2, yMm: card.heightMm / 2, rotationDeg: 0 }
  const footMm = middle.yMm + size.heightMm / 2
  const line = { xMm: 0, yMm: footMm, angleDeg: 0, presses: 'above' as const }
  const [only] = letters
  const overlapMm =
    only && letters.length === 1 ? Math.max(asked.overlapMm, sizeOf(only).heightMm * MOTIF_FOOT) : asked.overlapMm
  const row = { fromMm: middle.xMm - size.widthMm / 2, toMm: middle.xMm + size.widthMm / 2, lineMm: footMm, overlapMm }
  const poses =
    setInRow(letters, row) ?? letters.map((die) => ({ ...middle, yMm: footMm + overlapMm - sizeOf(die).heightMm / 2 }))
  const word = laid(letters, poses)
  const opening = laid([frame], [middle], letters.length + 1)
  const opened = (count: number) =>
    runOf(count, asked, {
      region: 'to-line',
      line: { ...line, yMm: footMm - EDGE_ABOVE_FOOT_MM },
      dies: opening,
    })
  if (letters.length === 0) return laidOn(card, [opened(1)])
  const begun = laidOn(card, [runOf(1, asked, { region: 'to-line', line, dies: word }), opened(2)])
  const pairs = letters.map((die, at) => [die, word[at] as LaidDie] as const)
  return { ...begun, waste: wasteIn(frame, opening[0] as LaidDie, pairs) }
}
