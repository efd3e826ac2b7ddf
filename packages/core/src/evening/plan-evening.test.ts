import { describe, expect, it } from 'vitest'
import { boxAround } from '../geometry/box.js'
import { SimulatedResponses } from '../planner/simulated-responses.js'
import { finish } from '../numerics/steps.js'
import { assessStack } from '../planner/model-plan.js'
import { resolvedStack } from '../layers/stack-reference.js'
import { seededRandom } from '../numerics/random.js'
import { anEveningRequest } from '../testing/evenings.js'
import { aDie, aPress, aSheet } from '../testing/makers.js'
import { cellRequest } from '../chart/chart-request.js'
import type { ResponseRecords } from '../bases/recorded-responses.js'
import { keyOfPlates, type LaidPlate, layerChanges, platesOf } from '../layers/stack-changes.js'
import { LayOuts, laysTogether } from './lays.js'
import { blanksFrom } from './blanks.js'
import { asked } from '../testing/thorough.js'
import type { EveningPlan } from './evening-plan.js'
import { eveningSteps } from './plan-evening.js'
import { learntTiming, minutesOfRun, turnsOfHandle, usualTiming } from './timing.js'
import { type EveningRequest, noPins } from './evening-request.js'

const live = new SimulatedResponses()
const answers: ResponseRecords = new Map()
const planOf = (request: EveningRequest): EveningPlan => {
  const { plan, made } = finish(eveningSteps(request, answers, live))
  made.forEach((each, name) => answers.set(name, each))
  return plan
}

describe('an evening', () => {
  const request = anEveningRequest(seededRandom(2), 5)
  const plan = planOf(request)
  const runs = plan.queues.flatMap(({ runs: its }) => its)

  it('counts as many pieces as are wanted, and no run that is not needed', () => {
    for (const job of request.jobs) {
      const its = runs.filter(({ jobIds }) => jobIds.includes(job.id))
      expect(its.reduce((sum, { jobIds, pieces }) => sum + pieces[jobIds.indexOf(job.id)]!, 0)).toBe(job.pieces)
      for (const { option, copies, jobIds, pieces } of its) {
        const perRun = option.sheetCount * copies[jobIds.indexOf(job.id)]!
        expect(option.runs * perRun).toBeGreaterThanOrEqual(pieces[jobIds.indexOf(job.id)]!)
      }
      for (const { option, copies, pieces } of its) {
        const sets = Math.max(...pieces.map((count, at) => Math.ceil(count / copies[at]!)))
        expect((option.runs - 1) * option.sheetCount).toBeLessThan(sets)
      }
    }
    expect(plan.unplaced).toEqual([])
  })

  it('of a die of three shapes makes 72 pieces with 24 cuts, and with 12 where each sheet gives twice as many', () => {
    const [job] = request.jobs
    for (const [piecesEach, cuts] of [
      [3, 24],
      [6, 12],
    ] as const) {
      const its = planOf({ ...request, jobs: [{ ...job!, pieces: 72, piecesEach }] }).queues.flatMap(
        ({ runs: of }) => of,
      )
      expect(its.map(({ pieces }) => pieces[0])).toEqual([72])
      const [{ option, piecesEach: told }] = its as [(typeof its)[number]]
      expect(told).toEqual([piecesEach])
      expect(option.runs).toBe(Math.ceil(cuts / option.sheetCount))
    }
  })

  it('lays what is too thick for its blade once that came out clean with so many sheets, and not before', () => {
    const [job] = request.jobs
    const [on] = request.presses
    const dies = job!.dies.map((die) => ({ ...die, bladeHeightMm: 0.5 }))
    const sheetsOf = (mm: number, worked: readonly number[]): number[] => {
      const its = { sheetCount: 1, plateIds: ['thick platform', 'pads', 'pads'] }
      return planOf({
        ...request,
        presses: [{ ...on!, worked: { [job!.id]: worked.map((sheetCount) => ({ ...its, sheetCount })) } }],
        jobs: [{ ...job!, sheet: aSheet({ id: `card of ${mm}`, mm }), dies }],
      }).queues.flatMap(({ runs: of }) => of.map(({ option }) => option.sheetCount))
    }
    expect(sheetsOf(0.9, [])).toEqual([])
    expect(sheetsOf(0.9, [2])).toEqual([])
    expect(sheetsOf(0.9, [1])).toEqual([1])
    expect(sheetsOf(0.45, [])).toEqual([1])
    expect(sheetsOf(0.45, [2])).toEqual([2])
  })

  it('lays stacks that, planned alone, are as sure as it says, for whoever stands there', () => {
    for (const { option, jobIds, copies } of runs) {
      const on = request.presses.find(({ press }) => press.id === option.pressId)!
      const job = request.jobs.find(({ id }) => id === jobIds[0])!
      const dies = jobIds.flatMap((id, at) =>
        Array.from({ length: copies[at]! }, () => request.jobs.find((each) => each.id === id)!.dies).flat(),
      )
      const handShare =
        on.press.drive.by === 'hand'
          ? request.people.find(({ id }) => id === on.personId)!.handShare
          : request.rules.handShare
      const asked = cellRequest(
        {
          technique: 'cut',
          press: on.press,
          bladeSide: 'down',
          rules: { ...request.rules, handShare },
          shelf: request.shelf,
        },
        { id: 'lay', name: 'lay', dies, sheetCount: option.sheetCount, worn: [], workedBefore: {} },
        { id: 'sheet', name: 'sheet', sheet: job.sheet },
      )
      const stack = resolvedStack(option.stack, asked.cut, (layer) =>
        request.shelf.find(({ id }) => id === layer.plateId),
      )
      const { prediction } = assessStack(asked, stack, live)
      expect(prediction?.recommended).toBe(option.figures.passes)
      expect(prediction?.passes[option.figures.passes - 1]?.chance).toBeCloseTo(option.figures.chance, 9)
      expect(option.figures.chance).toBeGreaterThanOrEqual(request.rules.leastChance)
    }
  })

  it('counts the layers that change from run to run, and says what lay there before', () => {
    for (const { runs: queue, changes } of plan.queues) {
      let lies: readonly LaidPlate[] = []
      let sum = 0
      for (const run of queue) {
        expect(run.changes).toEqual(layerChanges(lies, run.option.plates))
        sum += run.changes.count
        expect(keyOfPlates(platesOf(run.inPress))).toBe(keyOfPlates(lies))
        lies = run.option.plates
      }
      expect(changes).toBe(sum)
    }
    expect(plan.changes).toBe(plan.queues.reduce((sum, { changes }) => sum + changes, 0))
  })

  it('obeys a press that is fixed, a stack that is forbidden and a run that was dragged', () => {
    const [one] = runs.filter(({ others }) => others.length > 0)
    let moved = 0
    for (const { batchId, option } of runs.slice(0, asked(runs.length, 1))) {
      const other = request.presses.find(({ press }) => press.id !== option.pressId)!.press.id
      const fixed = planOf({ ...request, pins: { ...noPins, pressOf: { [batchId]: other } } })
      const its = fixed.queues.flatMap((queue) =>
        queue.runs.flatMap((run) => (run.batchId === batchId ? [queue.pressId] : [])),
      )
      expect(its).toEqual([fixed.droppedPins.includes(batchId) ? option.pressId : other])
      if (its[0] === other) moved++
    }
    expect(moved).toBeGreaterThan(0)
    const forbidden = planOf({ ...request, pins: { ...noPins, forbidden: [one!.option.name] } })
    expect(forbidden.queues.flatMap(({ runs: its }) => its.map(({ option }) => option.name))).not.toContain(
      one!.option.name,
    )
    const queue = plan.queues.find(({ runs: its }) => its.length > 1)!
    const last = queue.runs.at(-1)!.batchId
    const dragged = planOf({
      ...request,
      pins: { ...noPins, pressOf: { [last]: queue.pressId }, after: { [last]: null } },
    })
    expect(dragged.queues.find(({ pressId }) => pressId === queue.pressId)!.runs[0]!.batchId).toBe(last)
    expect(dragged.cost).toBeGreaterThanOrEqual(plan.cost - 1e-9)
  })

  it.runIf(asked(1, 0) === 1)(
    'takes the next best of a lay whose stack is forbidden, and gives it up only when none is left',
    () => {
      const [job] = request.jobs
      const dies = [aDie({ id: 'round', lengthMm: 60, widthMm: 50 })]
      const one = {
        ...request,
        jobs: [{ ...job!, dies, sheet: aSheet({ mm: 0.2 }), pieces: 12 }],
        presses: request.presses.slice(0, 1),
      }
      const forbidden: string[] = []
      const met: EveningPlan['queues'][number]['runs'][number][] = []
      for (;;) {
        const its = planOf({ ...one, pins: { ...noPins, forbidden } })
        const [run] = its.queues.flatMap(({ runs: all }) => all)
        if (!run) {
          expect(its.unplaced).toMatchObject([{ why: 'all-forbidden' }])
          break
        }
        expect(forbidden).not.toContain(run.option.name)
        expect(run.others.map(({ name }) => name)).not.toContain(run.option.name)
        met.push(run)
        forbidden.push(run.option.name)
      }
      expect(met.length).toBeGreaterThan(2)
      expect(met[0]!.others.length).toBeGreaterThan(0)
      const sheets = met.map(({ option }) => option.sheetCount)
      expect(sheets).toEqual([...sheets].sort((a, b) => b - a))
    },
  )

  it('parts a lay that starves one of its jobs where that makes less late, as a search of every lay finds too', () => {
    const jobs = request.jobs.slice(0, 2).map((each, at) => ({
      ...each,
      sheet: request.jobs[0]!.sheet,
      dies: [aDie({ id: `die ${at}`, lengthMm: 60, widthMm: 50 })],
      pieces: at === 0 ? 6 : 60,
      dueMin: at === 0 ? 5 : 400,
    }))
    const due = { ...request, jobs, presses: request.presses.slice(0, 1) }
    const lateWith = (alone: boolean) => planOf({ ...due, jobs: jobs.map((each) => ({ ...each, alone })) }).lateMin
    const its = planOf(due)
    expect(its.lateMin).toBeLessThanOrEqual(Math.min(lateWith(true), lateWith(false)) + 1e-9)
    const late = its.jobs.reduce((sum, { lateMin }) => sum + lateMin, 0)
    expect(its.lateMin).toBeCloseTo(late, 9)
    expect(
      its.jobs.every(({ doneMin, jobId }) =>
        its.queues.some(({ runs: all }) =>
          all.some(({ jobIds, toMin }) => jobIds.includes(jobId) && toMin === doneMin),
        ),
      ),
    ).toBe(true)
  })

  it('takes up what lies in a press, and plans only what is still wanted', () => {
    const queue = plan.queues.find(({ runs: its }) => its.length > 0)!
    const [first] = queue.runs
    const half = {
      ...request,
      presses: request.presses.map((each) =>
        each.press.id === queue.pressId ? { ...each, inPress: first!.option.stack } : each,
      ),
      jobs: request.jobs.map((job) => ({ ...job, pieces: Math.max(0, job.pieces - 4) })),
    }
    const after = planOf(half)
    expect(after.finishMin).toBeLessThan(plan.finishMin)
    expect(after.changes).toBeLessThan(plan.changes)
  })

  it('tells of a job that no press here is sure of', () => {
    const steel = { ...request, rules: { ...request.rules, leastChance: 0.99999 } }
    const none = planOf({ ...steel, shelf: request.shelf.filter(({ kind }) => kind !== 'shim' && kind !== 'spacer') })
    expect(none.unplaced.length).toBeGreaterThan(0)
    expect(none.unplaced.every(({ why }) => why === 'no-sure-stack')).toBe(true)
  })
})

describe('lays', () => {
  const request = anEveningRequest(seededRandom(1), 3)
  const jobs = request.jobs.map((job, at) => ({
    ...job,
    sheet: request.jobs[0]!.sheet,
    pieces: 12 * (at + 1),
    dies: [aDie({ id: `die ${at}`, lengthMm: 60, widthMm: 50 })],
  }))

  it('put dies of one sheet side by side until one has all its pieces, then go on with the rest', () => {
    const lays = laysTogether(jobs, [300, 146], 2, new LayOuts())
    expect(lays.map(({ id, pieces }) => [id, pieces])).toEqual([
      ['die 2+die 1+die 0', [12, 12, 12]],
      ['die 2+die 1', [12, 12]],
      ['die 2', [12]],
    ])
  })

  it('keep their gap by true outlines, and lie on the pad', () => {
    const dies = jobs.flatMap(({ dies: its }) => its)
    const { placed, lengthMm, widthMm, outlines } = new LayOuts().of(dies, 'any', [300, 146], 2)!
    expect(placed.length).toBe(3)
    const boxes = placed.map(({ piece, xMm, yMm, rotationDeg }) => {
      const box = boxAround([outlines[piece]!])!
      const [l, w] =
        rotationDeg % 180 === 0
          ? [box.toX - box.fromX, box.toY - box.fromY]
          : [box.toY - box.fromY, box.toX - box.fromX]
      return [xMm - l / 2, yMm - w / 2, xMm + l / 2, yMm + w / 2] as const
    })
    boxes.forEach((one, at) => {
      expect(Math.min(one[0], one[1])).toBeGreaterThanOrEqual(2 - 1e-6)
      expect(one[2]).toBeLessThanOrEqual(298 + 1e-6)
      for (const other of boxes.slice(at + 1))
        expect(
          Math.max(other[0] - one[2], one[0] - other[2], other[1] - one[3], one[1] - other[3]),
        ).toBeGreaterThanOrEqual(2 - 1e-6)
    })
    expect(lengthMm).toBeLessThanOrEqual(296)
    expect(widthMm).toBeLessThanOrEqual(142)
  })

  it('never lie together where there is no room, or one die is taller', () => {
    expect(
      laysTogether(jobs, [70, 60], 2, new LayOuts())
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['die 0', 'die 1', 'die 2'])
    const taller = jobs.map((job, at) =>
      at === 0 ? { ...job, dies: [aDie({ id: 'tall', height: { valueMm: 1.4, spreadMm: 0.02 } })] } : job,
    )
    expect(
      laysTogether(taller, [300, 146], 2, new LayOuts()).some(
        ({ jobs: its }) => its.length > 1 && its.some(({ job }) => job.dies[0]!.id === 'tall'),
      ),
    ).toBe(false)
  })
})

describe('minutes', () => {
  const press = aPress()
  it('turn the crank by feed length · gear ratio / (π · d)', () => {
    // One turn of a roller of 40 mm moves its circumference on, 125.66 mm.
    const geared = {
      drive: { by: 'hand' as const, limitN: 100, crankArmMm: 120, gearRatio: 2 },
      frame: { ...press.frame, rollerDiameterMm: 40 },
    }
    expect(turnsOfHandle(geared, 251.327)).toBeCloseTo(4, 4)
    expect(turnsOfHandle({ ...geared, drive: { by: 'motor', stallN: 5000 } }, 300)).toBe(0)
  })

  it('are learnt from the log’s own times, and a pause does not count', () => {
    const run = { passes: 2, feedMm: 300, pieces: 2, changes: 1 }
    const usual = minutesOfRun(press, usualTiming, run) + usualTiming.perChangeMin
    const slow = Array.from({ length: 15 }, () => ({ ...run, minutes: 1.6 * usual }))
    const learnt = learntTiming(press, [...slow, { ...run, minutes: 300 }])
    expect(learnt.runs).toBe(15)
    // 15 runs against 5 of the usual: three quarters of the way.
    expect(learnt.perRunMin).toBeCloseTo(1.45 * usualTiming.perRunMin, 6)
    expect(learntTiming(press, [])).toEqual(usualTiming)
  })
})

describe('sheets', () => {
  it('are cut up whichever way gives more, where the grain lets them be turned', () => {
    // 297 × 210 into 100 × 70: 2 × 3 upright, 4 × 2 turned.
    expect(blanksFrom([297, 210], [100, 70], false)).toBe(6)
    expect(blanksFrom([297, 210], [100, 70], true)).toBe(8)
    // Four side by side, and two below them turned: as a nest finds it.
    expect(blanksFrom([297, 210], [106, 74], true)).toBe(6)
    expect(blanksFrom([297, 210], [106, 74], false)).toBe(4)
    // Five round a middle: no straight cut through all of it.
    expect(blanksFrom([50, 50], [30, 20], true)).toBe(4)
  })
})
