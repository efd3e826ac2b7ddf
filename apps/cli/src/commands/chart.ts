import { dirname } from 'node:path'
import { type ChartRequest, finish, wholeChartSteps } from '@bold-heron/core'
import { answerOfChart, type ChartAnswer, type ChartFile, chartFile, requestOfChartFile } from '@bold-heron/schema'
import { linesOfDrawings } from '../drawings.js'
import { Faults } from '../faults.js'
import { judged, readJson } from '../read-file.js'

/** A chart's file as the core takes it, its drawings read; throws every fault. */
export const requestOfChart = async (input: ChartFile, folder: string): Promise<ChartRequest> => {
  const { lines, faults } = await linesOfDrawings(
    input.dies.map(({ svg, file }, at) => ({ path: `dies.${at}`, svg, file })),
    folder,
  )
  if (faults.length > 0) throw new Faults(faults)
  return requestOfChartFile(input, lines)
}

/** Works out the wall chart of a file: few base stacks, and which of them serves each die on each sheet. */
export const chart = async (file: string): Promise<ChartAnswer> => {
  const input = judged(chartFile, readJson(file))
  const request = await requestOfChart(input, dirname(file))
  const { chart: made, candidates } = finish(wholeChartSteps(request))
  return answerOfChart(request, made, input.withCandidates ? { candidates } : {})
}
