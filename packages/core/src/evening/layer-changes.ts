import type { WrittenStack } from '../layers/written-stack.js'

/** A plate in a stack as a hand meets it: which one, what it is there for, and how it lies. */
export interface LaidPlate {
  readonly plateId: string
  readonly role: string
  /** Which face and end, where that matters; plates that differ in it alone are turned, not changed. */
  readonly lie?: string | undefined
}

/** The plates of a stack, bottom to top. */
export const platesOf = (
  stack: WrittenStack,
  lieOf: (plateId: string) => string | undefined = () => undefined,
): LaidPlate[] =>
  stack.flatMap((layer): LaidPlate[] =>
    layer.is === 'plate' ? [{ plateId: layer.plateId, role: layer.role, lie: lieOf(layer.plateId) }] : [],
  )

/** What has to be done to make one stack of another. */
export interface LayerChanges {
  readonly out: readonly LaidPlate[]
  readonly into: readonly LaidPlate[]
  readonly turned: readonly LaidPlate[]
  /** 1 for each layer put in or taken out, ½ for each turned. */
  readonly count: number
}

const placeOf = ({ plateId, role }: LaidPlate): string => `${plateId} ${role}`

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
