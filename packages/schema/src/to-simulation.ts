import { diesOutOfThroat, type Polyline, type SimulatedPressing, type PressingResult } from '@bold-heron/core'
import type { ProblemField } from './problem.js'
import type { SimulationAnswer, SimulationFile } from './simulation.js'

/** A simulation's file as the core takes it; `lines` are the drawings of its dies, in their order, mm. */
export const toPressing = (input: SimulationFile, lines: readonly (readonly Polyline[])[]): SimulatedPressing => {
  const { handle, motor, ...press } = input.press
  return {
    press: {
      ...press,
      drive: handle
        ? { by: 'hand', ...handle }
        : { by: 'motor', stallN: (motor as NonNullable<typeof motor>).stallForceN },
    },
    dies: input.dies.map(({ svg: _, file: __, ...die }, at) => ({ ...die, lines: lines[at] ?? [] })),
    sheet: input.sheet,
    bed: { indentStiffness: input.bed.indentStiffnessNPerMm2, softness: input.bed.softnessMmPerMPa },
    otherLayersMm: input.otherLayersMm,
    passes: input.passes,
  }
}

/** What is wrong with where a pressing's dies lie, by field. */
export const placingFaults = (pressing: SimulatedPressing): ProblemField[] =>
  diesOutOfThroat(pressing).map(({ die, fromMm, toMm }) => {
    const path = `dies.${die}.yMm`
    const value = pressing.dies[die]?.yMm
    const { throatMm } = pressing.press
    return {
      path,
      code: 'out-of-throat',
      value,
      limit: throatMm,
      values: { from: fromMm.toFixed(2), to: toMm.toFixed(2) },
    }
  })

/** A solved pressing as the simulation's answer tells it; undefined where a pass stalled and there is no number to trust. */
export const answerOfPressing = (result: PressingResult): SimulationAnswer | undefined =>
  result.status === 'solved' ? { squeezeMm: result.squeezeMm, passes: [...result.passes] } : undefined
