import { type DieClass, factsOfDieClass, LONG_FRAME_MM } from '../dies/classes/list.js'
import type { DieUse } from '../dies/classes/die-class.js'
import type { Finding } from '../faults/finding.js'
import { cleanCut } from '../goals/clean-cut/goal.js'
import type { BladeSide } from '../layers/layer.js'
import { bestFace, type Plate } from '../layers/plate.js'
import type { SheetKind } from '../materials/sheet-kind.js'
import type { PlateKind } from '../materials/plate-kind.js'
import { landingOf, type Stack } from '../layers/stack.js'
import type { FindingCode } from './finding-code.js'
import type { HouseRules } from '../job/house-rules.js'
import { type CutContext, dieClassOf, pileMmOf } from '../job/cut-context.js'
import { shallowDieOf } from '../job/shallow-die.js'
import { MOST_SHIMS, finding, type Place, plates, type Technique } from './technique.js'
import { SAME_DIE_HEIGHT_MM } from '../dies/constants.js'

/** Beds a blade may land on, by die class, and by the house's rule on hard plates. */
const bedKinds = (dieClass: DieClass, rules: HouseRules): readonly PlateKind[] => {
  const { beds, bedByHouseRule } = factsOfDieClass(dieClass)
  return bedByHouseRule && rules.hardPlateUnderOutline === 'allowed' ? [...beds, bedByHouseRule] : beds
}

const longest = (cut: CutContext): number => Math.max(0, ...cut.dies.map((die) => die.lengthMm))
const widest = (cut: CutContext): number => Math.max(0, ...cut.dies.map((die) => die.widthMm))

/** Findings of a hard plate under a thin outline die: long frames can warp, and the house may keep it for lace. */
const hardBedUnderOutline = (plate: Plate, cut: CutContext): Finding<FindingCode>[] => {
  if (plate.kind !== factsOfDieClass(dieClassOf(cut)).bedByHouseRule) return []
  const allowed = cut.rules.hardPlateUnderOutline === 'allowed'
  const frameMm = Math.max(longest(cut), widest(cut))
  const values = { plate: plate.name, frameMm, limitMm: LONG_FRAME_MM }
  if (frameMm > LONG_FRAME_MM) return [finding('hard-plate-under-long-frame', allowed ? 'caution' : 'stop', values)]
  return allowed ? [] : [finding('hard-plate-under-outline', 'caution', values)]
}

/** Soft or shiny sheets that show the lines of the face that they lie on. Common practice, no source. */
const takesMarks = (kind: SheetKind): boolean => kind === 'foil-paper' || kind === 'vellum' || kind === 'film'

const bedFindings = (plate: Plate, cut: CutContext): Finding<FindingCode>[] => {
  const found = hardBedUnderOutline(plate, cut)
  if (found.length === 0 && !bedKinds(dieClassOf(cut), cut.rules).includes(plate.kind))
    found.push(finding('bed-not-for-class', 'caution', { plate: plate.name, dieClass: dieClassOf(cut) }))
  const face = bestFace(plate)
  if (face === 'scored') found.push(finding('no-fresh-face', 'caution', { plate: plate.name }))
  if (face !== 'fresh' && plate.kind === 'cutting-pad' && takesMarks(cut.sheet.kind))
    found.push(finding('face-marks-sheet', 'caution', { plate: plate.name }))
  if (plate.reservedForSteel) found.push(finding('pad-reserved', 'caution', { plate: plate.name }))
  if (face === 'lined') found.push(finding('face-lined', 'note', { plate: plate.name }))
  return found
}

/** The die must lie wholly on the bed and under the pad: what sticks out is not cut, or meets something bare. */
const coverFindings = (plate: Plate, cut: CutContext): Finding<FindingCode>[] => {
  const found: Finding<FindingCode>[] = []
  const lengthMm = longest(cut)
  const widthMm = widest(cut)
  if (lengthMm > plate.lengthMm)
    found.push(finding('die-longer-than-pad', 'stop', { plate: plate.name, dieMm: lengthMm, limitMm: plate.lengthMm }))
  if (widthMm > plate.widthMm)
    found.push(finding('die-wider-than-pad', 'stop', { plate: plate.name, dieMm: widthMm, limitMm: plate.widthMm }))
  else if (widthMm > plate.fullThicknessWidthMm)
    found.push(
      finding('die-over-bevel', 'caution', { plate: plate.name, dieMm: widthMm, limitMm: plate.fullThicknessWidthMm }),
    )
  return found
}

const landingFindings = (stack: Stack, cut: CutContext): Finding<FindingCode>[] => {
  const landing = landingOf(stack)
  if (!landing) return []
  const found: Finding<FindingCode>[] = []
  if (!landing.throughSheet) found.push(finding('blade-misses-sheet', 'stop'))
  const { bedIndex } = landing
  const bed = bedIndex === undefined ? undefined : stack[bedIndex]
  if (bedIndex === undefined || bed === undefined) return [...found, finding('blade-meets-roller', 'stop')]
  if (bed.is !== 'plate') return found
  const { kind, name } = bed.plate
  if (kind === 'embossing-mat') found.push(finding('blade-on-silicone', 'stop', { plate: name }, bedIndex))
  else if (
    kind === 'platform' ||
    kind === 'spacer' ||
    kind === 'press-block' ||
    kind === 'impression-pad' ||
    kind === 'shim'
  )
    found.push(finding('blade-on-bare-plate', 'stop', { plate: name, side: cut.bladeSide }, bedIndex))
  return found
}

/** The sequence bottom to top. Source: the list of techniques; common practice, no source. */
const placesOf = (dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[] => {
  const { cased } = factsOfDieClass(dieClass)
  const bed = plates('bed', bedKinds(dieClass, rules), 1, 1)
  const pad = plates('pad', ['cutting-pad'], cased ? 0 : 1, 1)
  // Steel on top is never bare against the roller.
  const cover: Place = { ...plates('backing', ['cutting-pad'], 0, 1), over: ['hard-plate'] }
  const below = [
    plates('platform', ['platform'], cased ? 0 : 1, 1),
    plates('spacer', ['spacer'], 0, 1),
    plates('spacer', ['spacer'], 0, 1),
    plates('shim', ['shim'], 0, MOST_SHIMS),
  ]
  return bladeSide === 'down'
    ? [...below, bed, { is: 'sheets' }, { is: 'dies' }, pad]
    : [...below, pad, { is: 'dies' }, { is: 'sheets' }, bed, cover]
}

/** What fills a stack up beside spacers; soft ones count with their softness. Common practice, no source. */
const fillers: readonly PlateKind[] = ['spacer', 'cutting-pad', 'soft-mat', 'embossing-mat', 'impression-pad']
const bearing: readonly PlateKind[] = ['cutting-pad', 'spacer', 'platform']

/**
 * As people lay it where platform, bed and pad do not reach the gap: with a mat as filler, or without a platform, any plate that bears
 * lowest, and up to three of them on the other side. Common practice, no source.
 */
const otherPlacesOf = (dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[] => {
  const bed = plates('bed', bedKinds(dieClass, rules), 1, 1)
  const behind = plates('pad', bearing, 1, 1)
  const outer = plates('backing', ['cutting-pad', 'spacer'], 0, 1)
  const below = [
    plates('platform', ['platform'], 0, 1),
    plates('spacer', fillers, 0, 1),
    plates('spacer', ['spacer', 'cutting-pad'], 0, 1),
    plates('shim', ['shim'], 0, MOST_SHIMS),
  ]
  return bladeSide === 'down'
    ? [...below, bed, { is: 'sheets' }, { is: 'dies' }, behind, outer, outer]
    : [...below, behind, { is: 'dies' }, { is: 'sheets' }, bed, plates('backing', bearing, 0, 1), outer]
}

const bladeFindings = (cut: CutContext): Finding<FindingCode>[] => {
  const shallow = shallowDieOf(cut)
  const values = shallow && { sheetsMm: pileMmOf(cut), die: shallow.name, bladeMm: shallow.bladeHeightMm }
  return values ? [finding('thicker-than-blade', 'caution', values)] : []
}

/** Cutting right through, along all of the line that is pressed. */
export const cutting = {
  id: 'cut' as const,
  goal: cleanCut,
  regions: ['all', 'to-line', 'under-block'],
  resists: 'sheet',
  takes: ['die'] as readonly DieUse[],
  guide: {
    first: ['check'],
    afterDies: ['hold'],
    then: ['feed'],
    finally: ['look'],
    finishing: ['release', 'finish', 'glue', 'pads'],
  },

  places: placesOf,
  otherPlaces: otherPlacesOf,

  ofJob(cut) {
    const found: Finding<FindingCode>[] = []
    const dieClass = dieClassOf(cut)
    const { mostSheets } = factsOfDieClass(dieClass)
    if (cut.sheetCount > mostSheets)
      found.push(finding('too-many-sheets', 'caution', { count: cut.sheetCount, limit: mostSheets, dieClass }))
    else found.push(...bladeFindings(cut))
    const heights = cut.dies.map((die) => die.height.valueMm)
    const differMm = Math.max(...heights) - Math.min(...heights)
    if (differMm > SAME_DIE_HEIGHT_MM)
      found.push(finding('dies-differ-in-height', 'stop', { differMm, limitMm: SAME_DIE_HEIGHT_MM }))
    const unfit = cut.dies.find((die) => !die.fitForFoam)
    if (cut.sheet.kind === 'craft-foam' && unfit)
      found.push(finding('die-not-for-foam', 'caution', { die: unfit.name }))
    return found
  },

  ofPiece(role, plate, cut) {
    const found = role === 'bed' ? bedFindings(plate, cut) : []
    if (role === 'bed' || role === 'pad') found.push(...coverFindings(plate, cut))
    return found
  },

  ofPair: () => [],

  ofStack: landingFindings,
} satisfies Technique
