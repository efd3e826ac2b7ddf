import { isClosed, outOfThroat, type Polyline, type PressingResult, type SimulatedPressing } from '@bold-heron/core'
import type { ProblemField } from '../wire/problem.js'
import type { SimulationAnswer, SimulationFile } from './simulation.js'

/** Something of a simulation that is drawn, by the field that holds it. */
export interface DrawnThing {
  readonly path: string
  readonly svg?: string | undefined
  readonly file?: string | undefined
}

/** What is drawn in a simulation's file, in the order in which `toPressing` takes the lines. */
export const drawnThings = (input: SimulationFile): readonly DrawnThing[] => {
  if (input.version === 2 && input.technique === 'raise') return [{ path: 'shape', ...drawingOf(input.shape) }]
  if (input.version === 2 && input.technique === 'folder') {
    const { svg, file } = input.folder
    return svg === undefined && file === undefined ? [] : [{ path: 'folder', svg, file }]
  }
  return input.dies.map((die, at) => ({ path: `dies.${at}`, ...drawingOf(die) }))
}

const drawingOf = ({ svg, file }: Omit<DrawnThing, 'path'>): Omit<DrawnThing, 'path'> => ({ svg, file })

const undrawn = <Thing extends Omit<DrawnThing, 'path'>>({ svg: _, file: __, ...thing }: Thing) => thing

const pressOf = ({ handle, motor, ...press }: SimulationFile['press']): SimulatedPressing['press'] => ({
  ...press,
  drive: handle ? { by: 'hand', ...handle } : { by: 'motor', stallN: (motor as NonNullable<typeof motor>).stallForceN },
})

/** A simulation's file as the core takes it; `lines` are what is drawn in it (`drawnThings`), in their order, mm. */
export const toPressing = (input: SimulationFile, lines: readonly (readonly Polyline[])[]): SimulatedPressing => {
  const { otherLayersMm, passes } = input
  const common = { press: pressOf(input.press), otherLayersMm, passes }
  const diesOf = (dies: Extract<SimulationFile, { dies: unknown }>['dies']) =>
    dies.map((die, at) => ({ ...undrawn(die), lines: lines[at] ?? [] }))
  if (input.version === 1 || input.technique === 'cut')
    return {
      technique: 'cut',
      ...common,
      dies: diesOf(input.dies),
      sheet: input.sheet,
      bed: { indentStiffness: input.bed.indentStiffnessNPerMm2, softness: input.bed.softnessMmPerMPa },
    }
  if (input.technique === 'crease') {
    const { ridgeStiffnessNPerMm2, ...mat } = input.mat
    return {
      technique: 'crease',
      ...common,
      dies: diesOf(input.dies),
      sheet: input.sheet,
      mat: { ...mat, ridgeStiffness: ridgeStiffnessNPerMm2 },
      softness: input.bed.softnessMmPerMPa,
    }
  }
  if (input.technique === 'raise')
    return {
      technique: 'raise',
      ...common,
      shape: { ...undrawn(input.shape), lines: lines[0] ?? [] },
      sheet: input.sheet,
      mat: input.mat,
      softness: input.bed.softnessMmPerMPa,
    }
  return {
    technique: 'folder',
    ...common,
    folder: { ...undrawn(input.folder), lines: lines[0] ?? [] },
    sheet: input.sheet,
  }
}

const valueAt = (pressing: SimulatedPressing, path: string): unknown =>
  path.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], pressing)

/** What is wrong with how a pressing's things lie and are drawn, by field. */
export const placingFaults = (pressing: SimulatedPressing): ProblemField[] => {
  const { throatMm } = pressing.press
  const out = outOfThroat(pressing).map(({ path, fromMm, toMm }) => ({
    path,
    code: 'out-of-throat',
    value: valueAt(pressing, path),
    limit: throatMm,
    values: { from: fromMm.toFixed(2), to: toMm.toFixed(2) },
  }))
  const isOpen = pressing.technique === 'raise' && !pressing.shape.lines.some(isClosed)
  return isOpen && pressing.shape.lines.length > 0 ? [...out, { path: 'shape', code: 'shape-open' }] : out
}

/** A solved pressing as the simulation's answer tells it; undefined where a pass stalled and there is no number to trust. */
export const answerOfPressing = (result: PressingResult): SimulationAnswer | undefined =>
  result.status === 'solved'
    ? { squeezeMm: result.squeezeMm, passes: [...result.passes] as SimulationAnswer['passes'] }
    : undefined
