import type { DieUse } from '../dies/classes/die-class.js'
import type { Finding } from '../faults/finding.js'
import { crease } from '../goals/crease/goal.js'
import type { Plate } from '../layers/plate.js'
import { isThinMat } from '../press/mats/mat-of-plate.js'
import type { FindingCode } from './finding-code.js'
import { MOST_SHIMS, finding, oneSheet, plates, type Technique } from './technique.js'
import type { CutContext } from '../job/cut-context.js'

/** A mat that does not cover what is pressed into it: what sticks out meets something hard. */
export const matCovers = (mat: Plate, cut: CutContext): Finding<FindingCode>[] =>
  cut.dies.some((die) => die.lengthMm > mat.lengthMm || die.widthMm > mat.widthMm)
    ? [finding('mat-smaller-than-die', 'stop', { plate: mat.name })]
    : []

/** Two mats together give way as nobody has tried. */
export const mats = (one: Plate, other: Plate): Finding<FindingCode>[] =>
  one.kind === 'embossing-mat' && other.kind === 'embossing-mat' ? [finding('two-mats', 'caution')] : []

/** A cutting die's outline pressed into a mat from below: raised on the upper side, and nothing cut. Techniques, common practice, no source. */
export const creasing = {
  id: 'crease' as const,
  goal: crease,
  regions: ['all', 'to-line', 'under-block'],
  resists: 'mat',
  takes: ['die'] as readonly DieUse[],
  eitherWay: true,
  bladeSide: 'up',
  guide: {
    first: ['check', 'one-sheet'],
    afterDies: ['hold'],
    then: ['feed', 'barely-felt'],
    finally: ['both-sides'],
    finishing: ['bring-out', 'mats', 'pads'],
    finishingOverCut: ['glue-over'],
  },

  places: () => [
    plates('platform', ['platform'], 1, 1),
    plates('spacer', ['spacer'], 0, 1),
    plates('spacer', ['spacer'], 0, 1),
    plates('pad', ['cutting-pad'], 1, 1),
    plates('shim', ['shim'], 0, MOST_SHIMS),
    { is: 'dies' },
    { is: 'sheets' },
    plates('mat', ['embossing-mat'], 1, 1),
    plates('backing', ['impression-pad', 'spacer', 'cutting-pad'], 1, 1),
  ],

  ofJob(cut) {
    const found = oneSheet(cut, 2)
    if (cut.bladeSide === 'down') found.push(finding('crease-blade-down', 'stop'))
    if (cut.sheetCount === 2) found.push(finding('two-thicknesses', 'caution'))
    if (cut.sheet.kind === 'craft-foam') found.push(finding('foam-springs-back', 'caution'))
    return found
  },

  ofPiece(role, plate, cut) {
    if (role !== 'mat') return []
    const found = matCovers(plate, cut)
    if (!isThinMat(plate)) found.push(finding('mat-too-thick', 'caution', { plate: plate.name }))
    return found
  },

  ofPair: mats,
  ofStack: () => [],
} satisfies Technique
