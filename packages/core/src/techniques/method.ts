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
import { type Laid, rolesInSequence } from './sequence.js'
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
  /** Every sequence that people have for a cut, the usual one first. */
  sequences(cut: CutContext): readonly (readonly Place[])[]
  /**
   * The role of each layer, bottom to top, in the first sequence that layers can be read as; undefined where there is none. A bed that the house
   * keeps for other dies has a finding of its own, and stands where a bed stands.
   */
  rolesOf(layers: readonly Laid[], cut: CutContext): readonly (Role | undefined)[] | undefined
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
  const sequences: Method['sequences'] = (cut) => {
    const of = [dieClassOf(cut), cut.bladeSide, cut.rules] as const
    const other = region.keepsOrder ? technique.otherPlaces?.(...of) : undefined
    return [places(...of), ...(other ? [other] : [])]
  }
  const rolesOf: Method['rolesOf'] = (layers, cut) => {
    for (const each of sequences({ ...cut, rules: { ...cut.rules, hardPlateUnderOutline: 'allowed' } })) {
      const roles = rolesInSequence(layers, each)
      if (roles) return roles
    }
    return undefined
  }
  return {
    places,
    sequences,
    rolesOf,
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
      const isUsual = found.some(({ severity }) => severity === 'stop') || rolesOf(stack, cut) !== undefined
      return isUsual ? found : [...found, finding('unusual-order', 'note')]
    },
  }
}
