import type { Die } from '../dies/die.js'
import { lengthOf } from '../geometry/polyline.js'
import type { Stack } from '../layers/stack.js'
import type { RoundOf } from '../outcomes/round.js'
import type { PlanRequest } from './plan.js'

const lineMm = (dies: readonly Die[]): number =>
  dies.reduce((sum, { outline }) => outline.lines.reduce((mm, line) => mm + lengthOf(line), sum), 0)

/**
 * A look at dies side by side of which only some hung, as one of all of them: the share that hung, told of those, is less of the whole line.
 * Any other look stays as it is.
 */
export const lookAtAll = <Look extends RoundOf<string>>(look: Look, dies: readonly Die[]): Look => {
  const hung = dies.filter(({ id }) => look.hangingDieIds?.includes(id))
  if (hung.length === 0 || hung.length === dies.length || look.hangingShare === null) return look
  return { ...look, hangingShare: (look.hangingShare * lineMm(hung)) / lineMm(dies) }
}

/** A stack with only some of its dies, the others taken off. */
export const stackWithOnly = (stack: Stack, dieIds: readonly string[] | undefined): Stack =>
  dieIds === undefined
    ? stack
    : stack.map((layer) =>
        layer.is === 'dies' ? { ...layer, dies: layer.dies.filter(({ id }) => dieIds.includes(id)) } : layer,
      )

/** What is asked, of only some of its dies: the others are taken off, and only these are pressed again. */
export const requestForOnly = (request: PlanRequest, dieIds: readonly string[] | undefined): PlanRequest =>
  dieIds === undefined
    ? request
    : { ...request, cut: { ...request.cut, dies: request.cut.dies.filter(({ id }) => dieIds.includes(id)) } }
