import type { Finding } from '../faults/finding.js'
import { dieClassOf } from '../job/cut-context.js'
import type { Plate } from '../layers/plate.js'
import type { Stack } from '../layers/stack.js'
import { type KnownGoodStack, MOST_KNOWN_PASSES } from '../press/press.js'
import type { FindingCode } from '../techniques/finding-code.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf } from '../techniques/method.js'
import { techniqueOf } from '../techniques/list.js'
import { stackOfKnown, techniqueOfKnown } from './known-stack.js'
import type { PlanRequest } from './plan.js'
import { SAME_CALIPER } from './constants.js'

/** A stack that is known for just what is asked, and can be built. */
export interface KnownFor {
  readonly stack: Stack
  /** In how many passes it was told to do it; not known where absent, or where that is "three and more". */
  readonly passes: number | undefined
  /** The rules that stop it; none where it may be offered. */
  readonly stops: readonly Finding<FindingCode>[]
}

const isFor = (known: KnownGoodStack, { technique, cut }: PlanRequest): boolean => {
  const { sheet, sheetCount, bladeSide } = cut
  const side = known.bladeSide ?? techniqueOf(technique).bladeSide ?? 'down'
  const differ = Math.abs(known.sheetCaliper.valueMm - sheet.caliper.valueMm)
  return (
    techniqueOfKnown(known) === technique &&
    known.dieClass === dieClassOf(cut) &&
    known.sheetCount === sheetCount &&
    side === bladeSide &&
    differ <= SAME_CALIPER * sheet.caliper.valueMm
  )
}

/** The plates of a known stack as they are on the shelf now; undefined where one is not there, or not often enough. */
const onShelf = (known: KnownGoodStack, shelf: readonly Plate[]): readonly Plate[] | undefined => {
  const plates = known.plates.map(({ id }) => shelf.find((plate) => plate.id === id))
  if (plates.some((plate) => plate === undefined)) return undefined
  const found = plates as Plate[]
  return found.every(({ id, count }) => found.filter((other) => other.id === id).length <= count) ? found : undefined
}

/** The press's known stacks for a die class, sheet, count, side and technique, of the plates that the shelf has. */
export const knownFor = (request: PlanRequest): KnownFor[] => {
  const { technique, region, cut, shelf } = request
  if (region !== 'all') return []
  return cut.press.knownGood.flatMap((known): KnownFor[] => {
    const plates = isFor(known, request) ? onShelf(known, shelf) : undefined
    if (!plates) return []
    const stack = stackOfKnown({ ...known, plates }, cut, technique)
    const findings = inspectStack(methodOf({ technique, region }), stack, cut)
    const passes = known.passes !== undefined && known.passes < MOST_KNOWN_PASSES ? known.passes : undefined
    return [{ stack, passes, stops: findings.filter(({ severity }) => severity === 'stop') }]
  })
}
