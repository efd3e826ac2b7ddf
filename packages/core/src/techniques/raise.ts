import type { DieUse } from '../dies/classes/die-class.js'
import { crackOf } from '../goals/relief/crack.js'
import { relief } from '../goals/relief/goal.js'
import { pileMmOf } from '../job/cut-context.js'
import { isThinMat } from '../press/mats/mat-of-plate.js'
import { matCovers, mats } from './crease.js'
import { MOST_SHIMS, finding, oneSheet, plates, type Technique } from './technique.js'

/** A shape glued up of card, pressed through a sheet into a thick mat: raised or sunk. Techniques, common practice, no source. */
export const raising = {
  id: 'raise' as const,
  goal: relief,
  regions: ['all'],
  resists: 'mat',
  takes: ['shape'] as readonly DieUse[],
  eitherWay: true,
  bladeSide: 'up',
  guide: {
    first: ['check', 'mirror'],
    afterDies: [],
    then: ['feed', 'gives-way'],
    finally: ['both-sides'],
    finishing: ['fill-relief', 'mats'],
  },

  places: () => [
    plates('platform', ['platform'], 1, 1),
    plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
    plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
    plates('shim', ['shim'], 0, MOST_SHIMS),
    { is: 'dies' },
    { is: 'sheets' },
    plates('mat', ['embossing-mat'], 1, 1),
    plates('backing', ['spacer', 'cutting-pad', 'impression-pad'], 1, 1),
  ],

  ofJob(cut) {
    const found = oneSheet(cut)
    const heightMm = Math.max(0, ...cut.dies.map((die) => die.height.valueMm))
    const cracks = crackOf(heightMm, pileMmOf(cut), cut.sheet.kind)
    if (cracks === 'caution') found.push(finding('may-crack', 'caution', { heightMm }))
    if (cracks === 'expected') found.push(finding('will-crack', 'stop', { heightMm }))
    if (cut.sheet.kind === 'craft-foam') found.push(finding('foam-springs-back', 'caution'))
    found.push(finding('shape-mirrored', 'note'), finding('wet-glue', 'note'))
    return found
  },

  ofPiece(role, plate, cut) {
    if (role !== 'mat') return []
    const found = matCovers(plate, cut)
    if (isThinMat(plate)) found.push(finding('mat-too-thin', 'caution', { plate: plate.name }))
    return found
  },

  ofPair: mats,
  ofStack: () => [],
} satisfies Technique
