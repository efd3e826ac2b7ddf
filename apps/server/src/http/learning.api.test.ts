import { randomUUID } from 'node:crypto'
import type { PlanRequest } from '@bold-heron/core'
import type { DieLearning, DieRow, Page, PressLearning, RunRow } from '@bold-heron/schema'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Learner } from '../learning/learner.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
let example: RunRow
beforeAll(async () => {
  server = await startTestServer({ demo: true, learns: true })
  const { items } = (await server.api.get('/api/runs').query({ pageSize: 1, seen: 'clean' })).body as Page<RunRow>
  example = items[0]!
})
afterAll(() => server.close())

const learning = async (pressId = example.pressId): Promise<PressLearning> =>
  (await server.api.get(`/api/presses/${pressId}/learning`)).body as PressLearning
const learntOfJob = async (except = ''): Promise<NonNullable<PlanRequest['learnt']>> =>
  ((await server.api.get(`/api/jobs/${example.jobId}/plan-request`).query({ except })).body as PlanRequest).learnt!
const inputOf = (run: RunRow, more: Partial<RunRow> = {}) => ({ ...run, ...more })
const runsOfJob = async (): Promise<number> =>
  ((await server.api.get('/api/runs').query({ jobId: example.jobId })).body as Page<RunRow>).total

describe('what is learnt of a press', () => {
  it('rests on every run of its log, and says what each tells by itself', async () => {
    const { pending, runs, pressRuns, log } = await learning()
    expect(pending).toBe(0)
    const told = runs.filter(({ setAside }) => !setAside)
    expect(pressRuns).toBe(told.length)
    expect(Math.max(...log.log)).toBe(0)
    for (const { says } of told) expect(says!.spreadMm).toBeLessThan(0.45)
  })

  it('a new run adds to it once it has been worked out', async () => {
    const before = (await learning()).pressRuns
    const answer = await server.api.post('/api/runs').send(inputOf(example))
    expect(answer.status).toBe(201)
    await server.learner.idle()
    expect((await learning()).pressRuns).toBe(before + 1)
    await server.api.delete(`/api/runs/${(answer.body as RunRow).id}`)
    await server.learner.idle()
    expect((await learning()).pressRuns).toBe(before)
  })

  it('tells how hard a die cuts by all runs with it, and says nothing of one that nothing was pressed with', async () => {
    const told = async (id: string) => (await server.api.get(`/api/dies/${id}/learning`)).body as DieLearning
    const [dieId] = example.dieIds as [string]
    const { mean, spread, runs } = await told(dieId)
    expect(runs).toBeGreaterThan(0)
    expect(Math.abs(mean)).toBeLessThan(0.5)
    expect(spread).toBeGreaterThan(0)
    const { outline: _, ...die } = (await server.api.get(`/api/dies/${dieId}`)).body as DieRow
    const copied = (await server.api.post('/api/dies').send({ ...die, name: 'Another like it' })).body as DieRow
    expect(await told(copied.id)).toMatchObject({ runs: 0 })
    expect((await server.api.get(`/api/dies/${randomUUID()}/learning`)).status).toBe(404)
  })

  it('works all runs of a die out anew once it is said to be blunt, as then it is harder than others anyway', async () => {
    const at = `/api/dies/${example.dieIds[0]!}`
    const learnt = async () => ((await server.api.get(`${at}/learning`)).body as DieLearning).mean
    const { outline: _, ...die } = (await server.api.get(at)).body as DieRow
    const say = async (condition: string, version: number) => {
      const answer = await server.api
        .put(at)
        .set('If-Match', `"${version}"`)
        .send({ ...die, condition })
      expect(answer.status).toBe(200)
      await server.learner.idle()
    }
    const before = await learnt()
    await say('blunt', die.version)
    expect(await learnt()).toBeLessThan(before - 0.001)
    await say(die.condition, die.version + 1)
    expect(await learnt()).toBeCloseTo(before, 9)
  })

  it('of dies side by side, keeps which hung, and learns less of the sheet from one of them', async () => {
    const { outline: _, ...die } = (await server.api.get(`/api/dies/${example.dieIds[0]!}`)).body as DieRow
    const other = (await server.api.post('/api/dies').send({ ...die, name: 'Beside it' })).body as DieRow
    const dieIds = [example.dieIds[0]!, other.id]
    const hung = { passes: 1, seen: 'hanging', hangingShare: 0.6, hangingPlace: 'ends', feel: 'light' } as const
    const logged = async (more: { readonly hangingDieIds?: readonly string[] }) => {
      const run = inputOf(example, { dieIds, rounds: [{ ...hung, ...more }] })
      return (await server.api.post('/api/runs').send(run)).body as RunRow
    }
    const one = await logged({ hangingDieIds: [other.id] })
    expect(one.rounds[0]?.hangingDieIds).toEqual([other.id])
    const all = await logged({})
    await server.learner.idle()
    const { runs } = await learning()
    const saidBy = (id: string) => runs.find((run) => run.id === id)!.says!.gapMm
    // Six tenths of one of two alike are three tenths of the line: it was pressed farther, in a narrower gap.
    expect(saidBy(one.id)).toBeLessThan(saidBy(all.id))
    for (const { id } of [one, all]) await server.api.delete(`/api/runs/${id}`)
    await server.learner.idle()
  })

  it('a run set aside is not learnt from, stays in the log, and can be taken back', async () => {
    const before = await learning()
    const set = (setAside: boolean) => server.api.put(`/api/runs/${example.id}/evidence`).send({ setAside })
    expect((await set(true)).body).toMatchObject({ id: example.id, setAside: true })
    await server.learner.idle()
    const without = await learning()
    expect(without.pressRuns).toBe(before.pressRuns - 1)
    expect(without.runs.find((run) => run.id === example.id)).toMatchObject({ setAside: true, says: null })
    await set(false)
    await server.learner.idle()
    expect((await learning()).log).toEqual(before.log)
  })

  it('a run that takes too long to be worked out is left out, said to be, and worked out once something of it changes', async () => {
    const added = (await server.api.post('/api/runs').send(inputOf(example))).body as RunRow
    // Whatever the server's own learner has made of it by now is put away.
    await server.learner.idle()
    const { sequelize } = server.workshop
    await sequelize.query('UPDATE runs SET learnt_as = NULL WHERE id = :id', { replacements: { id: added.id } })
    await sequelize.query('DELETE FROM run_evidence WHERE run_id = :id', { replacements: { id: added.id } })
    const impatient = new Learner(sequelize, { evidenceOf: () => Promise.resolve(undefined) })
    impatient.wake()
    await impatient.idle()
    const told = async () => (await learning()).runs.find((run) => run.id === added.id)
    expect(await told()).toMatchObject({ leftOut: true, says: null })
    server.learner.wake()
    await server.learner.idle()
    expect(await told()).toMatchObject({ leftOut: true })
    await server.api.put(`/api/runs/${added.id}/note`).send({ note: 'again' })
    await server.learner.idle()
    expect(await told()).toMatchObject({ leftOut: false })
    expect((await told())?.says).not.toBeNull()
    await server.api.delete(`/api/runs/${added.id}`)
    await server.learner.idle()
  })

  it('an edited round is learnt anew', async () => {
    const at = `/api/runs/${example.id}`
    const now = (await server.api.get(at)).body as RunRow
    const before = (await learning()).runs.find((run) => run.id === example.id)!.says!.gapMm
    const changed = [{ ...now.rounds[0]!, seen: 'untouched', feel: 'free', hangingShare: null, hangingPlace: null }]
    await server.api
      .put(at)
      .set('If-Match', `"${now.version}"`)
      .send({ ...now, rounds: changed })
    await server.learner.idle()
    const says = (await learning()).runs.find((run) => run.id === example.id)!.says!
    expect(says.gapMm).toBeGreaterThan(before + 0.1)
    await server.api
      .put(at)
      .set('If-Match', `"${now.version + 1}"`)
      .send(now)
    await server.learner.idle()
  })

  it('reaches the plan, where a caller can leave out runs it knows already', async () => {
    const all = await learntOfJob()
    expect(all.pressRuns).toBeGreaterThan(3)
    expect(all.sheetRuns).toBeGreaterThan(0)
    expect(all.tightestMm).toBeGreaterThan(10)
    const without = await learntOfJob(example.id)
    expect(without.pressRuns).toBe(all.pressRuns - 1)
    expect(without.log).not.toEqual(all.log)
  })

  it('of a press that nobody used is nothing', async () => {
    const { items } = (await server.api.get('/api/presses').query({ q: 'motor' })).body as Page<{ id: string }>
    const { pressRuns, log, runs } = await learning(items[0]!.id)
    expect({ pressRuns, runs }).toEqual({ pressRuns: 0, runs: [] })
    expect(log.log.every((value) => value === 0)).toBe(true)
  })

  it('can be started afresh without losing the log', async () => {
    const total = await runsOfJob()
    const forgot = await server.api.post(`/api/presses/${example.pressId}/forget`)
    expect((forgot.body as { setAside: number }).setAside).toBeGreaterThan(3)
    await server.learner.idle()
    expect((await learning()).pressRuns).toBe(0)
    expect(await runsOfJob()).toBe(total)
  })

  it.each([
    ['get', '/api/presses/nonsense/learning'],
    ['get', `/api/presses/${randomUUID()}/learning`],
    ['post', `/api/presses/${randomUUID()}/forget`],
    ['put', `/api/runs/${randomUUID()}/evidence`],
  ] as const)('%s %s is not there', async (method, path) => {
    expect((await server.api[method](path).send({ setAside: true })).status).toBe(404)
  })

  it('refuses a change that says nothing, by its field', async () => {
    const answer = await server.api.put(`/api/runs/${example.id}/evidence`).send({})
    expect(answer.status).toBe(422)
    expect(answer.body).toMatchObject({ errors: [{ path: 'setAside' }] })
  })
})

describe('a run that is being made at the Bench', () => {
  const round = { passes: 2, seen: 'dented', feel: 'light', hangingShare: null, hangingPlace: null } as const
  const put = (id: string, rounds: object[]) =>
    server.api.put(`/api/bench-runs/${id}`).send({ ...inputOf(example), pieces: 0, rounds })

  it('is there once, however often and however many at a time it is sent', async () => {
    const id = randomUUID()
    const before = await runsOfJob()
    const answers = await Promise.all(Array.from({ length: 6 }, () => put(id, [round])))
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 200, 200, 200, 200, 201])
    expect(await runsOfJob()).toBe(before + 1)
  })

  it('grows by rounds, and an older state that arrives late undoes nothing', async () => {
    const id = randomUUID()
    await put(id, [round])
    expect((await put(id, [round, { ...round, seen: 'clean' }])).status).toBe(200)
    const late = (await put(id, [round])).body as RunRow
    expect(late.rounds.map((each) => each.seen)).toEqual(['dented', 'clean'])
  })

  it('goes on with the sheets of the run before, which must be there', async () => {
    const [first, second] = [randomUUID(), randomUUID()]
    await put(first, [round])
    const follow = (followsRunId: string) =>
      server.api.put(`/api/bench-runs/${second}`).send({ ...inputOf(example), rounds: [round], followsRunId })
    expect((await follow(randomUUID())).status).toBe(422)
    expect((await follow(first)).status).toBe(201)
    await server.learner.idle()
    const { runs } = await learning()
    // What is learnt from one pile of sheets is kept with its last run.
    expect(runs.find((run) => run.id === first)!.says).toBeNull()
    expect(runs.find((run) => run.id === second)!.says).not.toBeNull()
  })

  it('is refused with the field at fault, and nothing is kept', async () => {
    const id = randomUUID()
    expect((await put(id, [])).status).toBe(422)
    expect((await server.api.get(`/api/runs/${id}`)).status).toBe(404)
    expect((await server.api.put('/api/bench-runs/nonsense').send({})).status).toBe(404)
  })
})
