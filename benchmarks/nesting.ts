import { performance } from 'node:perf_hooks'
import { nest, type NestWanted, seededRandom } from '@bold-heron/core'
import { MaxRectsPacker } from 'maxrects-packer'
import { boxAround, heightOfBox, widthOf } from '../packages/core/src/geometry/box.js'
import { areaOf } from '../packages/core/src/geometry/polygons.js'
import { closedLoop, signedAreaOf } from '../packages/core/src/geometry/polyline.js'
import { onSheet } from '../packages/core/src/nesting/boxes.js'
import { nestCase } from '../packages/core/src/testing/nest-cases.js'

const SECONDS = 2
const CASES = 40

/** Boxes of the pieces by a general packing library over the sheet's whole box, those counted that lie on the sheet: the better of both turns of the sheet. */
const usedByBoxes = ({ sheet, pieces, gapMm, edgeMm }: NestWanted): number => {
  const loops = [sheet.outline, ...sheet.holes].map(closedLoop)
  const sheetArea = Math.abs(signedAreaOf(loops[0] as number[])) - areaOf(loops.slice(1))
  const free = boxAround(loops.slice(0, 1))
  const { outline, turns } = pieces[0] as NestWanted['pieces'][number]
  const box = boxAround([outline])
  if (!free || !box) return 0
  const inset = edgeMm - 1e-6
  const fits = (x: number, y: number, w: number, h: number): boolean =>
    onSheet(loops, [
      free.fromX + x - inset,
      free.fromY + y - inset,
      free.fromX + x + w + inset,
      free.fromY + y + h + inset,
    ])
  let best = 0
  for (const turned of [false, true]) {
    const packer = new MaxRectsPacker(widthOf(free), heightOfBox(free), gapMm, {
      smart: false,
      pot: false,
      allowRotation: turns === 'any',
    })
    const [w, h] = turned ? [heightOfBox(box), widthOf(box)] : [widthOf(box), heightOfBox(box)]
    if (turned && turns !== 'any') continue
    const many = Math.ceil((widthOf(free) * heightOfBox(free)) / (w * h))
    for (let at = 0; at < many; at++) packer.add(w, h, null)
    const laid = (packer.bins[0]?.rects ?? []).filter((r) => fits(r.x, r.y, r.width, r.height))
    best = Math.max(best, laid.length)
  }
  return (best * Math.abs(signedAreaOf(closedLoop(outline)))) / sheetArea
}

/** Share of torn offcuts that pieces take by their true outlines in two seconds, against their boxes by a packing library. */
export const benchNesting = (seed: number): Promise<void> => {
  const random = seededRandom(seed)
  const gains: number[] = []
  const overRows: number[] = []
  const shares: number[] = []
  let never = 0
  for (let at = 0; at < CASES; at++) {
    const wanted = nestCase(random, seed + at)
    const boxes = usedByBoxes(wanted)
    const until = performance.now() + 1000 * SECONDS
    let share = 0
    let rows: number | undefined
    for (const found of nest(wanted)) {
      rows ??= found.usedShare
      share = found.usedShare
      if (performance.now() > until) break
    }
    shares.push(share)
    if (rows) overRows.push(share / rows - 1)
    if (share < boxes - 1e-9) never++
    if (boxes > 0) gains.push(share / boxes - 1)
  }
  const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] as number
  console.log(`nesting, ${CASES} torn offcuts, an unlimited supply of one outline each, ${SECONDS} s each`)
  console.log(`  used by true outlines        ${(100 * median(shares)).toFixed(1)} % of the sheet, median`)
  console.log(
    `  more than boxes              ${(100 * median(gains)).toFixed(0)} % in the median, ${(100 * Math.min(...gains)).toFixed(0)} % at least`,
  )
  console.log(
    `  more than our rows of boxes  ${(100 * median(overRows)).toFixed(0)} % in the median, ${(100 * Math.min(...overRows)).toFixed(0)} % at least`,
  )
  console.log(`  less than boxes              ${never} of ${CASES}`)
  return Promise.resolve()
}
