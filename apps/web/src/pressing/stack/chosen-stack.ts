import {
  type LaidLayer,
  methodOf,
  type PlanRequest,
  resolvedStack,
  type Role,
  type Stack,
  type StackReference,
  withRoles,
} from '@bold-heron/core'

/** As much of a layer as the log keeps of it and a stack is made of. */
interface LoggedLayer {
  readonly is: 'plate' | 'dies' | 'sheets'
  readonly plateId: string | null
  readonly role: Role | null
}

/** A stored choice as a stack; undefined where there is none, or a piece of it is no longer on the shelf. */
export const stackOfChosen = (chosen: StackReference, { cut, shelf }: PlanRequest): Stack | undefined => {
  if (chosen.length === 0) return undefined
  const plates = new Map(shelf.map((plate) => [plate.id, plate]))
  const layers = resolvedStack(chosen, cut, ({ plateId }) => plates.get(plateId))
  return layers.length === chosen.length ? layers : undefined
}

/** A logged stack with its plates as they are on the shelf now; undefined where one is no longer there. */
export const stackOfLogged = (layers: readonly LoggedLayer[], request: PlanRequest): Stack | undefined => {
  const chosen = layers.flatMap((layer): StackReference => {
    if (layer.is !== 'plate') return [{ is: layer.is }]
    return layer.plateId === null || layer.role === null
      ? []
      : [{ is: 'plate', plateId: layer.plateId, role: layer.role }]
  })
  return chosen.length === layers.length ? stackOfChosen(chosen, request) : undefined
}

/** How many pieces of each shelf entry a stack leaves unused. */
export const piecesLeft = (stack: Stack, shelf: PlanRequest['shelf']): ReadonlyMap<string, number> => {
  const left = new Map(shelf.map((plate) => [plate.id, plate.count]))
  for (const layer of stack) if (layer.is === 'plate') left.set(layer.plate.id, (left.get(layer.plate.id) ?? 0) - 1)
  return left
}

/** A stack as a hand has just laid it: each plate in the role of its place. */
export const laidByHand = (layers: readonly LaidLayer[], request: PlanRequest): Stack =>
  withRoles(layers, methodOf(request), request.cut)

/** Where a further shim or plate goes in: on top of the base, below whatever is nearest the die. */
export const placeToAdd = (stack: Stack): number => {
  const above = stack.findIndex((layer) => layer.is !== 'plate' || !['platform', 'spacer', 'shim'].includes(layer.role))
  return above === -1 ? stack.length : above
}

/** The stack with one layer moved; `from` and `to` count from the bottom. */
export const movedLayer = (stack: Stack, from: number, to: number): Stack => {
  const layer = stack[from]
  if (!layer || to < 0 || to >= stack.length) return stack
  const rest = stack.filter((_, at) => at !== from)
  return [...rest.slice(0, to), layer, ...rest.slice(to)]
}
