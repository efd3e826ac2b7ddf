import type { DieUse } from '../dies/classes/die-class.js'
import { foilLine } from '../goals/foil-line/goal.js'
import { matCovers } from './crease.js'
import { finding, oneSheet, plates, type Technique } from './technique.js'

/** A line of foil along a die's blades, by heat and pressure. Techniques, common practice, no source. */
export const foiling = {
  id: 'foil' as const,
  goal: foilLine,
  regions: ['all'],
  resists: 'foil-pad',
  takes: ['die'] as readonly DieUse[],
  bladeSide: 'up',
  guide: {
    first: ['check', 'warm-up'],
    afterDies: [],
    afterSheets: ['foil-wait'],
    then: ['feed'],
    finally: ['foil-look'],
    finishing: ['cool-down'],
  },

  places: () => [
    plates('platform', ['platform'], 0, 1),
    plates('spacer', ['spacer'], 0, 1),
    plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
    plates('heat', ['heated-plate'], 1, 1),
    { is: 'dies' },
    plates('foil', ['foil'], 1, 1),
    { is: 'sheets' },
    plates('shim', ['shim'], 0, 1),
    plates('pad', ['impression-pad', 'cutting-pad'], 1, 1),
  ],

  ofJob(cut) {
    const found = oneSheet(cut)
    if (cut.bladeSide === 'down') found.push(finding('crease-blade-down', 'stop'))
    found.push(finding('plate-burns', 'caution'), finding('foil-dull-side', 'note'))
    return found
  },

  ofPiece: (role, plate, cut) => (role === 'pad' ? matCovers(plate, cut) : []),
  ofPair: () => [],
  ofStack: () => [],
} satisfies Technique
