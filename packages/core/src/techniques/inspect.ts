import { type Finding, gravestFirst } from '../faults/finding.js'
import { landingOf, type Stack } from '../layers/stack.js'
import type { FindingCode } from './finding-code.js'
import type { CutContext, Role, Technique } from './technique.js'

/**
 * What each plate of a built stack is there for. The layer the blade lands on is the bed; a cutting pad on the die's other
 * side is the pad; the rest go by their kind.
 */
export const rolesOf = (stack: Stack): (Role | undefined)[] => {
  const bedIndex = landingOf(stack)?.bedIndex
  return stack.map((layer, index) => {
    if (layer.is !== 'plate') return undefined
    if (index === bedIndex) return 'bed'
    switch (layer.plate.kind) {
      case 'platform':
        return 'platform'
      case 'spacer':
        return 'spacer'
      case 'shim':
        return 'shim'
      case 'press-block':
        return 'block'
      default:
        return 'pad'
    }
  })
}

/** All findings of a built stack, gravest first, each with the layer it means where it means one. */
export const inspectStack = (technique: Technique, stack: Stack, cut: CutContext): Finding<FindingCode>[] => {
  const found = [...technique.ofJob(cut), ...technique.ofStack(stack, cut)]
  const roles = rolesOf(stack)
  stack.forEach((layer, layerIndex) => {
    const role = roles[layerIndex]
    if (layer.is !== 'plate' || role === undefined) return
    for (const each of technique.ofPiece(role, layer.plate, cut)) found.push({ ...each, layerIndex })
    for (const above of stack.slice(layerIndex + 1))
      if (above.is === 'plate') found.push(...technique.ofPair(layer.plate, above.plate, cut))
  })
  return gravestFirst(found)
}
