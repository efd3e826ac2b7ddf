import type { DieClass } from '../dies/classes/list.js'
import type { Finding } from '../faults/finding.js'
import type { BladeSide, Role } from '../layers/layer.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import type { RegionId } from '../placement/placed-run.js'
import type { FindingCode } from './finding-code.js'
import type { HouseRules } from '../job/house-rules.js'
import { type TechniqueId, techniqueIds, techniqueOf } from './list.js'
import { platesTogether, steelOutermost, thinMatOutermost } from './plates-together.js'
import { onSheet } from './die-on-sheet.js'
import { regionOf } from './regions/list.js'
import { followsSequence } from './sequence.js'
import { type CutContext, dieClassOf } from '../job/cut-context.js'
import { finding, ofAnyJob, type Place, plateTooWide, wrongThings } from './technique.js'

/** What is done in a press run, and what of the stack is pressed. */
export interface PressedHow {
  readonly technique: TechniqueId
  readonly region: RegionId
}

/**
 * A technique as it is in a region. All findings of a stack = `ofJob` + `ofPiece` of each plate in its role + `ofPair` of each two
 * plates + what only the built stack shows (`ofStack`).
 */
export interface Method {
  /** The usual sequence bottom to top for a die class and blade side. */
  places(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly Place[]
  /** Every sequence that people have, the usual one first. */
  sequences(dieClass: DieClass, bladeSide: BladeSide, rules: HouseRules): readonly (readonly Place[])[]
  ofJob(cut: CutContext): Finding<FindingCode>[]
  ofPiece(role: Role, plate: Plate, cut: CutContext): Finding<FindingCode>[]
  ofPair(one: Plate, other: Plate, cut: CutContext): Finding<FindingCode>[]
  ofStack(stack: Stack, cut: CutContext): Finding<FindingCode>[]
}

/** Every technique in every region that it allows. */
export const methods: readonly PressedHow[] = techniqueIds.flatMap((technique) =>
  techniqueOf(technique).regions.map((region) => ({ technique, region })),
)

/** The method of a press run. */
export const methodOf = (how: PressedHow): Method => {
  const technique = techniqueOf(how.technique)
  const region = regionOf(how.region)
  const places: Method['places'] = (dieClass, bladeSide, rules) =>
    region.places(technique.places(dieClass, bladeSide, rules), bladeSide)
  const sequences: Method['sequences'] = (dieClass, bladeSide, rules) => {
    const other = region.keepsOrder ? technique.otherPlaces?.(dieClass, bladeSide, rules) : undefined
    return [places(dieClass, bladeSide, rules), ...(other ? [other] : [])]
  }
  return {
    places,
    sequences,
    ofJob: (cut) => [
      ...wrongThings(cut, technique.takes),
      ...ofAnyJob(cut),
      ...(how.region === 'all' ? onSheet(cut) : []),
      ...technique.ofJob(cut),
    ],
    ofPiece: (role, plate, cut) =>
      region.ofPiece([...plateTooWide(plate, cut), ...technique.ofPiece(role, plate, cut)], role, plate, cut),
    ofPair: (one, other, cut) => [...platesTogether(one, other, cut), ...technique.ofPair(one, other, cut)],
    ofStack(stack, cut) {
      const found = [
        ...steelOutermost(stack),
        ...thinMatOutermost(stack),
        ...technique.ofStack(stack, cut),
        ...region.ofStack(stack),
      ]
      if (found.some(({ severity }) => severity === 'stop')) return found
      // A bed that the house keeps for other dies has a finding of its own, and stands where a bed stands.
      const lenient = sequences(dieClassOf(cut), cut.bladeSide, { ...cut.rules, hardPlateUnderOutline: 'allowed' })
      return lenient.some((each) => followsSequence(stack, each)) ? found : [...found, finding('unusual-order', 'note')]
    },
  }
}
