import { dirname, resolve } from 'node:path'
import { boxAround, placeLines, type Polyline, pressTrial, type Trial, type TrialDie } from '@bold-heron/core'
import { type Drawing, readDrawing } from '@bold-heron/formats'
import { type SimulationAnswer, type SimulationFile, simulationFile } from '@bold-heron/schema'
import { Faults } from '../faults.js'
import { judged, readJson, readText } from '../read-file.js'
import { sayDrawingFault } from '../say-drawing-fault.js'

const drawingOf = (die: SimulationFile['dies'][number], at: number, folder: string): Drawing => {
  const name = die.svg === undefined ? `dies.${at}.file` : `dies.${at}.svg`
  const read =
    die.svg === undefined
      ? readDrawing(die.file as string, readText(resolve(folder, die.file as string)))
      : readDrawing('inline.svg', die.svg)
  if (!read.ok) throw new Faults([sayDrawingFault(name, read.fault)])
  return read.value
}

/** A die that reaches out of the throat would be cut in part only, without anyone having asked for it. */
const outOfThroat = (lines: readonly Polyline[], die: TrialDie, throatMm: number, at: number): string[] => {
  const box = boxAround(placeLines(lines, die))
  return box && (box.fromY < -1e-6 || box.toY > throatMm + 1e-6)
    ? [
        `dies.${at}.yMm is ${die.yMm}; the die then reaches from ${box.fromY.toFixed(2)} to ${box.toY.toFixed(2)} mm across, ` +
          `outside the throat of ${throatMm} mm; move or turn it.`,
      ]
    : []
}

/** A simulation's file as the core takes it, its drawings read; throws every fault. */
export const trialOf = (input: SimulationFile, folder: string): Trial => {
  const faults: string[] = []
  const dies = input.dies.flatMap((die, at): TrialDie[] => {
    try {
      const { svg: _, file: __, ...pose } = die
      const { lines } = drawingOf(die, at, folder)
      const placed = { ...pose, lines }
      faults.push(...outOfThroat(lines, placed, input.press.throatMm, at))
      return [placed]
    } catch (error) {
      if (!(error instanceof Faults)) throw error
      faults.push(...error.lines)
      return []
    }
  })
  if (faults.length > 0) throw new Faults(faults)
  const { handle, motor, ...press } = input.press
  return {
    press: {
      ...press,
      drive: handle
        ? { by: 'hand', ...handle }
        : { by: 'motor', stallN: (motor as { stallForceN: number }).stallForceN },
    },
    dies,
    sheet: input.sheet,
    bed: { indentStiffness: input.bed.indentStiffnessNPerMm2, softness: input.bed.softnessMmPerMPa },
    otherLayersMm: input.otherLayersMm,
    passes: input.passes,
  }
}

/** Presses the dies of a simulation's file and says what each pass does. */
export const simulate = (file: string): SimulationAnswer => {
  const trial = trialOf(judged(simulationFile, readJson(file)), dirname(file))
  const result = pressTrial(trial)
  if (result.status === 'stalled')
    throw new Faults([`pass ${result.pass} could not be solved; there is no number to trust. Report this file.`])
  return { squeezeMm: result.squeezeMm, passes: [...result.passes] }
}
