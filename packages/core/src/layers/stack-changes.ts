import { platesIn, type Stack } from './stack.js'
import { keyOfStack, type StackReference } from './stack-reference.js'

/** A plate in a stack as a hand meets it: which one, what it is there for, and how it lies. */
export interface LaidPlate {
  readonly plateId: string
  readonly role: string
  /** Which face and end, where that matters; plates that differ in it alone are turned, not changed. */
  readonly lie?: string | undefined
}

/** The plates of a stack, bottom to top. */
export const platesOf = (
  stack: StackReference,
  lieOf: (plateId: string) => string | undefined = () => undefined,
): LaidPlate[] =>
  stack.flatMap((layer): LaidPlate[] =>
    layer.is === 'plate' ? [{ plateId: layer.plateId, role: layer.role, lie: lieOf(layer.plateId) }] : [],
  )

const placeOf = ({ plateId, role }: LaidPlate): string => `${role} ${plateId}`

/** A name for the same plates in the same roles, whatever their order. */
export const keyOfPlates = (plates: readonly LaidPlate[]): string => plates.map(placeOf).sort().join(' · ')

/** What has to be done to make one stack of another. */
export interface LayerChanges {
  readonly out: readonly LaidPlate[]
  readonly into: readonly LaidPlate[]
  readonly turned: readonly LaidPlate[]
  /** 1 for each layer put in or taken out, ½ for each turned. */
  readonly count: number
}

/** Compares what lies in a press with what is wanted there; a plate that changes its role is taken out and put in. */
export const layerChanges = (from: readonly LaidPlate[], to: readonly LaidPlate[]): LayerChanges => {
  const left = [...from]
  const into: LaidPlate[] = []
  const turned: LaidPlate[] = []
  for (const wanted of to) {
    const same = left.filter((each) => placeOf(each) === placeOf(wanted))
    const there = same.find(({ lie }) => lie === wanted.lie) ?? same[0]
    if (!there) into.push(wanted)
    else {
      left.splice(left.indexOf(there), 1)
      if (there.lie !== wanted.lie) turned.push(wanted)
    }
  }
  return { out: left, into, turned, count: left.length + into.length + turned.length / 2 }
}

/** So many pieces of something, by its name. */
export interface PieceCount {
  readonly name: string
  readonly count: number
}

/** The pieces that must leave and those that must come to make one stack of another, whatever they are there for. */
export interface StackDifference {
  readonly out: readonly PieceCount[]
  readonly into: readonly PieceCount[]
  /** Same pieces, other order or roles. */
  readonly reordered: boolean
}

const countPieces = (stack: Stack): Map<string, PieceCount> => {
  const counts = new Map<string, PieceCount>()
  for (const { id, name } of platesIn(stack)) counts.set(id, { name, count: (counts.get(id)?.count ?? 0) + 1 })
  return counts
}

const surplus = (of: Stack, over: Stack): PieceCount[] => {
  const others = countPieces(over)
  return [...countPieces(of)].flatMap(([id, { name, count }]) => {
    const more = count - (others.get(id)?.count ?? 0)
    return more > 0 ? [{ name, count: more }] : []
  })
}

/** Compares another stack with the one at hand. */
export const differenceOf = (from: Stack, to: Stack): StackDifference => {
  const out = surplus(from, to)
  const into = surplus(to, from)
  return { out, into, reordered: out.length === 0 && into.length === 0 && keyOfStack(from) !== keyOfStack(to) }
}
