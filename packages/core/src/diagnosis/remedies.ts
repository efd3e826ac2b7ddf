import { countOf } from '../faults/finding.js'
import { isCentreShim } from '../goals/clean-cut/centre-shim.js'
import { sheetsGoOn } from '../goals/looks.js'
import type { Plate } from '../layers/plate.js'
import { heightOf, type Stack } from '../layers/stack.js'
import { keyOfStack } from '../layers/stack-reference.js'
import type { NextTry } from '../planner/next-try.js'
import { inspectStack } from '../techniques/inspect.js'
import { methodOf } from '../techniques/method.js'
import type { RemedyId } from './cause-ids.js'
import type { ListedCause } from './causes/list.js'
import type { Part } from './hypotheses.js'
import { stoppedIn } from './reported-round.js'
import type { Scene } from './scene.js'
import { FAR_LOOSER_MM, TRIED_NEAR_MM, REMEDY_MINUTES } from './constants.js'

/** Something to try in the next round. */
export interface Remedy {
  readonly id: RemedyId
  readonly minutes: number
  readonly passes: number
  readonly freshSheets: boolean
  /** What is laid. */
  readonly stack: Stack
  /** mm. How much higher or lower that is, or how thick the shim is. */
  readonly mm?: number | undefined
  /** What is put in or taken out. */
  readonly plate?: Plate | undefined
  /** The stack of a round before is laid again: what was changed since did not help, or not alone. */
  readonly goesBack?: true | undefined
  /** mm. The shim that lies in the middle from then on. */
  readonly centreShimMm?: number | undefined
  /** How surely it does away with a cause, 0…1. */
  cures(cause: ListedCause): number
}

/** A stack of the shelf that the Bench would try next. */
export type OtherStack = Pick<NextTry, 'stack' | 'passes' | 'goesOn'>

/** mm. So much more or less is tried, and a change that far from it still serves. */
const TIGHTER_MM = [0.1, 0.2, 0.35] as const
const LOOSER_MM = [-0.1, -0.2, -0.35, -0.6] as const
const cureNothing = (): number => 0

/** Plates of a kind that the shelf has left beside a stack. */
const leftOver = (shelf: readonly Plate[], stack: Stack, kind: Plate['kind']): Plate[] =>
  shelf.filter(
    (plate) =>
      plate.kind === kind &&
      stack.filter((layer) => layer.is === 'plate' && layer.plate.id === plate.id).length < plate.count,
  )

/** A stack that differs by one plate, and by how much. */
interface Changed {
  readonly stack: Stack
  readonly mm: number
  /** What comes in, or else goes out. */
  readonly plate: Plate
}

/** Every stack that a shim more, one fewer, or another plate of the same kind in one place makes of a stack. */
const changedByOne = (stack: Stack, shelf: readonly Plate[]): Changed[] => {
  const found: Changed[] = []
  const over = stack.findIndex((layer) => layer.is !== 'plate' || layer.role !== 'platform')
  for (const plate of leftOver(shelf, stack, 'shim'))
    found.push({
      stack: [...stack.slice(0, over), { is: 'plate', plate, role: 'shim' }, ...stack.slice(over)],
      mm: plate.thickness.valueMm,
      plate,
    })
  stack.forEach((layer, at) => {
    if (layer.is !== 'plate' || layer.role === 'mat') return
    const { thickness, kind, id } = layer.plate
    const without = [...stack.slice(0, at), ...stack.slice(at + 1)]
    if (layer.role === 'shim') found.push({ stack: without, mm: -thickness.valueMm, plate: layer.plate })
    for (const plate of leftOver(shelf, stack, kind))
      if (plate.id !== id)
        found.push({
          stack: [...stack.slice(0, at), { ...layer, plate }, ...stack.slice(at + 1)],
          mm: plate.thickness.valueMm - thickness.valueMm,
          plate,
        })
  })
  return found
}

/** The allowed change nearest to each of the steps; none where nothing comes near. */
const nearestTo = (stepsMm: readonly number[], changes: readonly Changed[], scene: Scene): Changed[] => [
  ...new Set(
    stepsMm.flatMap((stepMm) => {
      const off = ({ mm }: Changed): number => Math.abs(mm - stepMm)
      const near = changes.filter((each) => off(each) <= TRIED_NEAR_MM).sort((a, b) => off(a) - off(b))
      return near.find(({ stack }) => isAllowed(scene, stack)) ?? []
    }),
  ),
]

const isAllowed = ({ request, cut }: Scene, stack: Stack): boolean =>
  countOf(inspectStack(methodOf(request), stack, cut), 'stop') === 0

/** The stacks of rounds before that are no longer laid, but for those that stopped the handle, and none that is higher than the last where one did. */
const stacksBefore = (rounds: Scene['rounds'], last: Stack): Stack[] => {
  const mostMm = stoppedIn(rounds) ? heightOf(last).valueMm : Infinity
  const found = new Map<string, Stack>()
  for (const { stack, look } of rounds)
    if (look.feel !== 'stopped' && heightOf(stack).valueMm <= mostMm) found.set(keyOfStack(stack), stack)
  found.delete(keyOfStack(last))
  return [...found.values()]
}

/** Every remedy that can be tried in a scene against some of these causes; never one that goes up after the handle stopped. */
export const remediesIn = (scene: Scene, at: readonly (readonly Part[])[], next?: OtherStack): Remedy[] => {
  const { cut, stack, rounds, request, goalId } = scene
  const last = rounds.at(-1)
  if (!last) return []
  const goesOn = sheetsGoOn(last.look)
  const stopped = stoppedIn(rounds)
  const before = stacksBefore(rounds, stack)
  const { passes } = last.look
  const plain = {
    freshSheets: !goesOn,
    passes,
    stack,
    cures: cureNothing,
    centreShimMm: last.centreShimMm,
    minutes: REMEDY_MINUTES.change,
  }
  const found: Remedy[] = []
  const mostPasses = Math.max(1, cut.rules.mostPasses)
  if (goesOn)
    for (const more of [1, 2, 3].filter((each) => each <= mostPasses))
      found.push({ ...plain, id: 'once-more', minutes: REMEDY_MINUTES.again, passes: more, freshSheets: false })

  const changes = changedByOne(stack, request.shelf)
  const tighter = stopped ? [] : nearestTo(TIGHTER_MM, changes, scene)
  const looser = nearestTo(stopped ? [...LOOSER_MM, ...FAR_LOOSER_MM] : LOOSER_MM, changes, scene)
  for (const each of tighter) found.push({ ...plain, ...each, id: 'tighter' })
  for (const each of looser) found.push({ ...plain, ...each, id: 'looser' })
  if (next && !next.goesOn) found.push({ ...plain, id: 'another-stack', stack: next.stack, passes: next.passes })
  if (goalId === 'clean-cut' && !stopped) {
    for (const plate of leftOver(request.shelf, stack, 'shim').filter(isCentreShim)) {
      const mm = plate.thickness.valueMm
      found.push({ ...plain, id: 'centre-shim', mm, plate, centreShimMm: (last.centreShimMm ?? 0) + mm })
    }
  }
  for (const [first] of at) {
    const cause = first?.cause
    if (!cause || cause.remedy.cures === 0 || (stopped && 'raises' in cause.remedy)) continue
    const { minutes, cures } = cause.remedy
    const freshSheets = !goesOn || 'freshSheets' in cause.remedy
    const cured = {
      ...plain,
      id: cause.id,
      minutes,
      freshSheets,
      cures: (other: ListedCause) => (other.id === cause.id ? cures : 0),
    }
    found.push(cured)
    for (const laid of before) found.push({ ...cured, stack: laid, goesBack: true })
    // After a handle that stopped, what is put right goes through looser too.
    if (stopped) for (const { stack: laid, mm, plate } of looser) found.push({ ...cured, stack: laid, mm, plate })
  }
  return found
}
