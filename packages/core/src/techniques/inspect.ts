import { type Finding, gravestFirst } from '../faults/finding.js'
import type { Stack } from '../layers/stack.js'
import type { FindingCode } from './finding-code.js'
import type { Method } from './method.js'
import type { CutContext } from '../job/cut-context.js'

/** Of findings that say the same of the same thing, as of two pieces of one plate, the first. */
export const toldOnce = (found: readonly Finding<FindingCode>[]): Finding<FindingCode>[] => {
  const told = new Set<string>()
  return found.filter(({ code, values }) => {
    const said = JSON.stringify([code, values])
    return !told.has(said) && told.add(said)
  })
}

/** All findings of a built stack, gravest first, each with the layer it means where it means one. */
export const inspectStack = (method: Method, stack: Stack, cut: CutContext): Finding<FindingCode>[] => {
  const found = [...method.ofJob(cut), ...method.ofStack(stack, cut)]
  stack.forEach((layer, layerIndex) => {
    if (layer.is !== 'plate') return
    for (const each of method.ofPiece(layer.role, layer.plate, cut)) found.push({ ...each, layerIndex })
    for (const above of stack.slice(layerIndex + 1))
      if (above.is === 'plate') found.push(...method.ofPair(layer.plate, above.plate, cut))
  })
  return gravestFirst(found)
}
