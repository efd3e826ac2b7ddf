import type { Die } from '../dies/die.js'
import { boxAround, heightOfBox, widthOf } from '../geometry/box.js'
import { cardOfFront, frontOf } from './card.js'
import { frameRound } from './frame-round.js'
import { placeLines } from '../geometry/place-lines.js'
import type { LaidDie, PlacedRun, Placement } from './placed-run.js'
import { setInRow } from './set-in-row.js'
import { wordOnFold } from './word-on-fold.js'

/** Ways to begin laying out a card. */
export const startKinds = ['panel', 'folded-front', 'word-on-fold', 'window', 'block', 'frame-round'] as const
export type StartKind = (typeof startKinds)[number]

/** mm. A card base in inches, scored at half its width. Common practice, no source: 8 1/2 × 5 1/2 in scored at 4 1/4. */
const FRONT_MM = { widthMm: 107.95, heightMm: 139.7 }
/** mm. Panel and line of a word on a fold. Common practice, no source: 8 1/4 in wide, line 3 in from the cut side. */
const WORD_WIDTH_MM = 209.55
const WORD_LINE_MM = 76.2
/** mm of card round a frame die on each side. From memory. */
const FRAME_REST_MM = 12
/** mm. What is left free at either end of a word. From memory. */
const WORD_MARGIN_MM = 12

const sizeOf = (die: Die): { widthMm: number; heightMm: number } => {
  const box = boxAround(die.outline.lines)
  return box ? { widthMm: widthOf(box), heightMm: heightOfBox(box) } : { widthMm: 1, heightMm: 1 }
}

const areaOf = (die: Die): number => sizeOf(die).widthMm * sizeOf(die).heightMm

const run = (id: string, name: string, more: Partial<PlacedRun>): PlacedRun => ({
  id,
  name,
  region: 'all',
  face: 'front',
  goesIn: 'open',
  leads: 'top',
  dies: [],
  line: null,
  padId: null,
  blocks: [],
  ...more,
})

const blank = (card: Placement['card'], runs: readonly PlacedRun[]): Placement => ({
  card,
  runs,
  runInHand: 0,
  waste: [],
  keep: [],
  motif: null,
})

/** Dies beside one another in the middle of a panel, as far as they fit. */
const inMiddle = (dies: readonly Die[], card: Placement['card']): LaidDie[] => {
  const front = frontOf(card)
  const middleY = (front.fromY + front.toY) / 2
  const tallest = Math.max(0, ...dies.map((die) => sizeOf(die).heightMm))
  const poses = setInRow(dies, { fromMm: front.fromX, toMm: front.toX, lineMm: middleY + tallest / 2, overlapMm: 0 })
  return dies.map((die, at) => ({
    id: `die ${at + 1}`,
    dieId: die.id,
    xMm: poses?.[at]?.xMm ?? (front.fromX + front.toX) / 2,
    yMm: middleY,
    rotationDeg: 0,
  }))
}

/**
 * Lays dies out in one of the usual ways, to be changed from there; names are those given to the runs. `overlapMm` is how far
 * letters reach over the line of a word.
 */
export const startPlacement = (
  kind: StartKind,
  dies: readonly Die[],
  names: { readonly first: string; readonly second: string },
  overlapMm: number,
): Placement => {
  const panel = cardOfFront('panel', FRONT_MM.widthMm, FRONT_MM.heightMm)
  switch (kind) {
    case 'panel':
      return blank(panel, [run('run 1', names.first, { dies: inMiddle(dies, panel) })])
    case 'folded-front': {
      const card = cardOfFront('side-fold', FRONT_MM.widthMm, FRONT_MM.heightMm)
      return blank(card, [run('run 1', names.first, { leads: 'right', dies: inMiddle(dies, card) })])
    }
    case 'word-on-fold': {
      const { lineMm, scoreMm, panelMm } = wordOnFold(WORD_LINE_MM, overlapMm)
      const row = { fromMm: WORD_MARGIN_MM, toMm: WORD_WIDTH_MM - WORD_MARGIN_MM, lineMm, overlapMm }
      const poses = setInRow(dies, row) ?? setInRow(dies, { ...row, fromMm: 0, toMm: WORD_WIDTH_MM, gapMm: 0 })
      const laid = dies.map((die, at): LaidDie => {
        const pose = poses?.[at] ?? { xMm: WORD_WIDTH_MM / 2, yMm: scoreMm - sizeOf(die).heightMm / 2, rotationDeg: 0 }
        return { id: `die ${at + 1}`, dieId: die.id, ...pose }
      })
      return blank({ widthMm: WORD_WIDTH_MM, heightMm: panelMm, fold: { runs: 'level', atMm: scoreMm } }, [
        run('run 1', names.first, {
          region: 'to-line',
          dies: laid,
          line: { xMm: 0, yMm: lineMm, angleDeg: 0, presses: 'above' },
        }),
      ])
    }
    case 'window': {
      const [window, motif] = dies
      const middle = { xMm: panel.widthMm / 2, yMm: panel.heightMm / 2 }
      if (!window) return blank(panel, [run('run 1', names.first, {})])
      const lineMm = middle.yMm + sizeOf(window).heightMm / 4
      const line = { xMm: 0, yMm: lineMm, angleDeg: 0, presses: 'above' as const }
      const frame = run('run 1', names.first, {
        region: 'to-line',
        line,
        dies: [{ id: 'die 1', dieId: window.id, ...middle, rotationDeg: 0 }],
      })
      if (!motif) return blank(panel, [frame])
      // The motif stands on the window's lower edge: its upper part is cut, its foot stays with the card.
      const motifY = lineMm + sizeOf(motif).heightMm / 6
      return blank(panel, [
        frame,
        run('run 2', names.second, {
          region: 'to-line',
          line,
          dies: [{ id: 'die 2', dieId: motif.id, xMm: middle.xMm, yMm: motifY, rotationDeg: 0 }],
        }),
      ])
    }
    case 'frame-round': {
      const [piece, frame] = [...dies].sort((one, other) => areaOf(one) - areaOf(other))
      if (!piece || !frame) return blank(panel, [run('run 1', names.first, { dies: inMiddle(dies, panel) })])
      const around = sizeOf(frame)
      const card = cardOfFront('panel', around.widthMm + 2 * FRAME_REST_MM, around.heightMm + 2 * FRAME_REST_MM)
      const middle = { xMm: card.widthMm / 2, yMm: card.heightMm / 2, rotationDeg: 0 }
      const pose = frameRound(placeLines(piece.outline.lines, middle), frame.outline.lines) ?? middle
      return blank(card, [
        run('run 1', names.first, { dies: [{ id: 'die 1', dieId: piece.id, ...middle }] }),
        run('run 2', names.second, { dies: [{ id: 'die 2', dieId: frame.id, ...pose }] }),
      ])
    }
    case 'block':
      return blank(panel, [run('run 1', names.first, { region: 'under-block', dies: inMiddle(dies, panel) })])
  }
}
