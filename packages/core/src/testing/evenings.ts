import { type EveningJob, type EveningRequest, noPins, USUAL_LAY_GAP_MM } from '../evening/evening-request.js'
import type { Batch, ScheduleWanted } from '../evening/schedule.js'
import { usualTiming } from '../evening/timing.js'
import { factsOfPressClass } from '../press/press-class.js'
import { type RandomSource, randomInteger, randomItem } from '../numerics/random.js'
import { aChart } from './charts.js'
import { aKnownGood, aPress } from './makers.js'
import { USUAL_CHANGE_WORTH_MIN } from '../evening/constants.js'

const stacks = [
  ['platform', 'pad', 'pads'],
  ['platform', 'paper', 'pad', 'pads'],
  ['platform', 'spacer', 'steel', 'pads'],
  ['platform', 'spacer', 'film', 'steel', 'pads'],
  ['thin spacer', 'pad', 'pads'],
  ['thin spacer', 'paper', 'pad', 'pads'],
  ['platform', 'card', 'pad', 'pads'],
] as const

/** Batches as an evening has them: each in a few stacks on some of the presses. */
export const anEvening = (
  random: RandomSource,
  batches: number,
  presses: number,
  {
    dues = false,
    people = presses,
    jobsOf = (at) => [at],
  }: { readonly dues?: boolean; readonly people?: number; readonly jobsOf?: (batch: number) => readonly number[] } = {},
): ScheduleWanted => ({
  presses: Array.from({ length: presses }, (_, at) => ({
    id: `press ${at}`,
    person: at % people,
    inPress: [],
    byHand: at % 2 === 0,
  })),
  jobs: Array.from({ length: batches }, () =>
    dues && random() < 0.4 ? { dueMin: randomInteger(random, 20, 120) } : {},
  ),
  restMin: Array.from({ length: people }, () => randomItem(random, [0, 10, 20])),
  batches: Array.from({ length: batches }, (_, at): Batch => {
    const minutes = randomInteger(random, 4, 40)
    const options = Array.from({ length: presses }, (_unused, press) => press)
      .filter((press) => press === at % presses || random() < 0.7)
      .flatMap((press) =>
        Array.from({ length: randomInteger(random, 1, 3) }, () => ({
          press,
          plates: randomItem(random, stacks).map((plateId, slot) => ({
            plateId,
            role: slot === 0 ? 'platform' : plateId === 'pads' ? 'pad' : 'bed',
            lie: plateId === 'pad' && random() < 0.3 ? 'b' : undefined,
          })),
          minutes: minutes * randomItem(random, [1, 1, 1.25, 1.5]),
        })),
      )
    return { id: `batch ${at}`, jobs: jobsOf(at), options }
  }),
  perChangeMin: 0.5,
  changeWorthMin: 1,
})

/** An evening of so many jobs on a small hand press and a motor press, from the shelf of a workshop. */
export const anEveningRequest = (random: RandomSource, jobs: number): EveningRequest => {
  const chart = aChart(random, jobs, 4)
  const motor = factsOfPressClass('a4-motor')
  const person = { id: 'ann', name: 'Ann', handShare: 1, restMin: 10 }
  return {
    presses: [
      { press: chart.press, personId: 'ann', timing: usualTiming, inPress: [], learnt: {}, worked: {} },
      {
        press: aPress({
          id: 'motor',
          name: 'Motor',
          pressClass: 'a4-motor',
          throatMm: 235,
          frame: motor,
          drive: motor.drive,
          knownGood: [
            aKnownGood({
              passes: 2,
              plates: ['thick platform', 'pads', 'pads'].flatMap(
                (id) => chart.shelf.find((each) => each.id === id) ?? [],
              ),
            }),
          ],
        }),
        personId: 'bo',
        timing: usualTiming,
        inPress: [],
        learnt: {},
        worked: {},
      },
    ],
    people: [person, { id: 'bo', name: 'Bo', handShare: 0.6, restMin: 20 }],
    rules: chart.rules,
    shelf: chart.shelf,
    jobs: chart.rows.map(({ id, name, dies }): EveningJob => {
      const { sheet } = randomItem(random, chart.columns)
      return {
        id,
        name,
        pieces: randomInteger(random, 6, 60),
        technique: 'cut',
        bladeSide: 'down',
        dies,
        copies: 1,
        sheet,
        sheetSizeMm: [297, 210],
        stock: 10,
        turns: 'any',
        alone: false,
        worn: [],
        leftovers: [],
      }
    }),
    gapMm: USUAL_LAY_GAP_MM,
    changeWorthMin: USUAL_CHANGE_WORTH_MIN,
    pins: noPins,
  }
}
