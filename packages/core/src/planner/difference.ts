import type { Stack } from '../layers/stack.js'
import type { Plate } from '../layers/plate.js'

/** What must leave and what must come to make one stack of another. */
export interface StackDifference {
  readonly out: readonly PieceCount[]
  readonly into: readonly PieceCount[]
  /** Same pieces, other order. */
  readonly reordered: boolean
}

export interface PieceCount {
  readonly name: string
  readonly count: number
}

const countPieces = (stack: Stack): Map<string, { plate: Plate; count: number }> => {
  const counts = new Map<string, { plate: Plate; count: number }>()
  for (const layer of stack) {
    if (layer.is !== 'plate') continue
    const entry = counts.get(layer.plate.id)
    if (entry) entry.count++
    else counts.set(layer.plate.id, { plate: layer.plate, count: 1 })
  }
  return counts
}

const surplus = (of: Stack, over: Stack): PieceCount[] => {
  const others = countPieces(over)
  return [...countPieces(of).values()].flatMap(({ plate, count }) => {
    const more = count - (others.get(plate.id)?.count ?? 0)
    return more > 0 ? [{ name: plate.name, count: more }] : []
  })
}

const orderOf = (stack: Stack): string =>
  stack.map((layer) => (layer.is === 'plate' ? layer.plate.id : layer.is)).join(' ')

/** Compares another stack with the one at hand. */
export const differenceOf = (from: Stack, to: Stack): StackDifference => {
  const out = surplus(from, to)
  const into = surplus(to, from)
  return { out, into, reordered: out.length === 0 && into.length === 0 && orderOf(from) !== orderOf(to) }
}
