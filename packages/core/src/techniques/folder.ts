import type { DieUse } from '../dies/classes/die-class.js'
import { factsOfDieClass } from '../dies/classes/list.js'
import { formed } from '../goals/formed/goal.js'
import { pileMmOf } from '../job/cut-context.js'
import { finding, oneSheet, type Place, plates, type Technique } from './technique.js'

/** Thin shims that a folder may take. Common practice, no source. */
const MOST_SHIMS = 3
/** mm. A closed folder is never thinner than this beside its sheet. */
const LEAST_FOLDER_MM = 0.05

/** mm. A plate over a folder that cuts is no thinner: paper there does nothing. From memory. */
const THINNEST_OVER_MM = 0.4

const pressed: readonly Place[] = [{ is: 'sheets' }, { is: 'dies' }]
const shims = plates('shim', ['shim'], 0, MOST_SHIMS)
const platform = plates('platform', ['platform'], 1, 1)
const spacer = plates('spacer', ['spacer'], 0, 1)
const pad = plates('pad', ['cutting-pad'], 1, 1)

/** A folder with its sheet in it: flat, deep, or with cutting lines. Techniques, common practice, no source. */
export const folding = {
  id: 'folder' as const,
  goal: formed,
  regions: ['all'],
  resists: 'folder',
  takes: ['flat-folder', 'deep-folder', 'cutting-folder'] as readonly DieUse[],
  bladeSide: 'up',
  guide: {
    first: ['check', 'close-folder'],
    sheetWithin: 'close-folder',
    afterDies: [],
    then: ['arrow', 'feed'],
    finally: ['open-folder'],
    finishing: ['push-out', 'pads'],
  },

  places(dieClass) {
    const below = plates('backing', ['cutting-pad'], 1, 1)
    switch (factsOfDieClass(dieClass).use) {
      case 'deep-folder':
        // The thickness of the folder makes up for the bottom pad.
        return [platform, spacer, spacer, shims, ...pressed, pad]
      case 'cutting-folder':
        return [
          platform,
          spacer,
          spacer,
          plates('backing', ['hard-plate', 'cutting-pad'], 0, 1),
          shims,
          ...pressed,
          // A thin plastic plate, a film as well as a pad.
          plates('pad', ['cutting-pad', 'shim'], 1, 1),
        ]
      default:
        return [platform, spacer, spacer, below, shims, ...pressed, pad]
    }
  },

  /** A closed folder's thickness has the sheet in it, which lies in the stack as a layer of its own. */
  asPressed: (cut) => ({
    ...cut,
    dies: cut.dies.map((die) => ({
      ...die,
      height: { ...die.height, valueMm: Math.max(LEAST_FOLDER_MM, die.height.valueMm - pileMmOf(cut)) },
    })),
  }),

  ofJob(cut) {
    const found = oneSheet(cut)
    found.push(finding('folder-marked-end', 'note'))
    if (cut.dies.some(({ dieClass }) => factsOfDieClass(dieClass).use === 'cutting-folder'))
      found.push(finding('folder-metal-up', 'caution'))
    found.push(finding('folder-bows', 'note'))
    return found
  },

  ofPiece: (role, plate) =>
    role === 'pad' && plate.kind === 'shim' && plate.thickness.valueMm < THINNEST_OVER_MM
      ? [finding('too-thin-over-folder', 'stop', { plate: plate.name })]
      : [],
  ofPair: () => [],

  ofStack(stack, cut) {
    const isDeep = cut.dies.some(({ dieClass }) => factsOfDieClass(dieClass).isDeep)
    const folderAt = stack.findIndex(({ is }) => is === 'dies')
    const hard = stack.findIndex(
      (layer, at) => at > folderAt && layer.is === 'plate' && layer.plate.kind === 'hard-plate',
    )
    const under = stack.findIndex(
      (layer, at) => at < folderAt && layer.is === 'plate' && layer.plate.kind === 'cutting-pad',
    )
    const over = stack[hard]
    const pad = stack[under]
    return [
      ...(over?.is === 'plate' && folderAt >= 0
        ? [finding('hard-plate-over-folder', 'stop', { plate: over.plate.name }, hard)]
        : []),
      ...(isDeep && pad?.is === 'plate'
        ? [finding('pad-under-deep-folder', 'stop', { plate: pad.plate.name }, under)]
        : []),
    ]
  },
} satisfies Technique
