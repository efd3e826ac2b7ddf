import type { Layer, Role } from '../layers/layer.js'
import { heightOf, type Stack } from '../layers/stack.js'
import type { Plate } from '../layers/plate.js'
import { SAME_LENGTH_MM } from '../numerics/tolerances.js'
import { byCost } from '../planner/best-kept.js'
import { keyOfPieces } from '../layers/stack-reference.js'
import { costOfDoubt, costOfOffset, costOfPair, costOfPiece, points } from '../planner/ranking.js'
import type { FoundStack, SearchRequest } from '../planner/search.js'
import { dieClassOf, jobLayer } from '../job/cut-context.js'

/** The search's slow, obvious twin: builds every stack the sequence allows, then throws out what does not fit. */
export const slowSearch = ({ method, cut, window, shelf, workedBefore }: SearchRequest): FoundStack[] => {
  const places = method.places(dieClassOf(cut), cut.bladeSide, cut.rules)
  const best = new Map<string, FoundStack>()

  const price = (layers: readonly Layer[], roles: readonly Role[]): void => {
    const stack: Stack = layers
    const plates = stack.flatMap((layer) => (layer.is === 'plate' ? [layer.plate] : []))
    if (plates.some((plate) => plates.filter((other) => other === plate).length > plate.count)) return
    const squeezeMm = heightOf(stack).valueMm - window.gapMm
    if (squeezeMm < window.lowMm - SAME_LENGTH_MM || squeezeMm > window.highMm + SAME_LENGTH_MM) return
    const key = keyOfPieces(plates.map((plate) => plate.id))
    let cost = costOfOffset(squeezeMm, window)
    plates.forEach((plate, at) => {
      cost += costOfPiece(method, roles[at] as Role, plate, cut)
      for (const other of plates.slice(at + 1)) cost += costOfPair(method, plate, other, cut)
    })
    for (const plate of new Set(plates))
      cost += costOfDoubt(plate, plates.filter((other) => other === plate).length, window)
    if (workedBefore.has(key)) cost -= points.workedBefore
    const rival = best.get(key)
    if (!rival || cost < rival.cost) best.set(key, { stack, squeezeMm, cost, key })
  }

  const build = (at: number, layers: readonly Layer[], roles: readonly Role[]): void => {
    const place = places[at]
    if (!place) return price(layers, roles)
    if (place.is !== 'plates') return build(at + 1, [...layers, jobLayer(place.is, cut)], roles)
    const before = layers.at(-1)
    const isOver = place.over?.includes(before?.is === 'plate' ? before.plate.kind : 'platform')
    const [least, most] = isOver === undefined ? [place.least, place.most] : isOver ? [1, 1] : [0, 0]
    const fitting = shelf.filter((plate) => place.kinds.includes(plate.kind))
    // Pieces of one place in shelf order, so that each set is built once.
    const take = (from: number, taken: readonly Plate[]): void => {
      if (taken.length >= least)
        build(
          at + 1,
          [...layers, ...taken.map((plate): Layer => ({ is: 'plate', plate, role: place.role }))],
          [...roles, ...taken.map(() => place.role)],
        )
      if (taken.length === most) return
      for (let next = from; next < fitting.length; next++) take(next, [...taken, fitting[next] as Plate])
    }
    take(0, [])
  }
  build(0, [], [])
  return [...best.values()].sort(byCost)
}
