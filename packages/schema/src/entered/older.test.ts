import { describe, expect, it } from 'vitest'
import { jobInput } from './job.js'
import { jobFromOlder, runFromOlder } from './older.js'
import { placementOf, runInHandOf } from '../stored/runs-of-job.js'
import { recipeFile } from './recipe.js'
import { runInput } from './run.js'
import olderRecipe from '../testing/older/recipe-1.json' with { type: 'json' }
import older from '../testing/older/workshop-1.json' with { type: 'json' }
import { type WorkshopFile, workshopFile } from '../files/workshop-file.js'

const now = workshopFile.parse(older)
const jobNamed = (file: WorkshopFile, name: string) => file.jobs.find((job) => job.name === name)!

interface OlderRun {
  readonly id: string
  readonly jobId: string
  readonly layers: readonly object[]
}
interface OlderJob {
  readonly id: string
  readonly name: string
  readonly technique: string
  readonly placement: { readonly runs: readonly object[]; readonly runInHand: number } | null
}

describe('a workshop file of version 1', () => {
  it('loses no row of any kind', () => {
    expect(now.version).toBe(2)
    for (const list of ['plates', 'presses', 'dies', 'sheets', 'jobs', 'runs', 'recipes', 'photos'] as const)
      expect(now[list].map(({ id }) => id)).toEqual((older[list] as { id: string }[]).map(({ id }) => id))
  })

  it('gives every job its press runs, the last of which finishes the piece', () => {
    for (const job of older['jobs'] as OlderJob[]) {
      const read = jobNamed(now, job.name)
      expect(read.runs).toHaveLength(job.placement?.runs.length ?? 1)
      expect(read.runs.map(({ finishes }) => finishes)).toEqual(read.runs.map((_, at) => at === read.runs.length - 1))
      expect(read.runInHand).toBe(job.placement?.runInHand ?? 0)
      expect(runInHandOf(read).region).toBe(
        { 'full-cut': 'all', 'edge-partial': 'to-line', 'block-partial': 'under-block' }[job.technique],
      )
    }
  })

  it('keeps where things lie, under the words of now', () => {
    const older = { whole: 'all', edge: 'to-line', block: 'under-block' } as const
    const [job] = [jobNamed(now, 'Window with the lighthouse')]
    const was = olderJob('Window with the lighthouse').placement!
    const placement = placementOf(job)!
    expect(placement.runs).toEqual(
      (was.runs as { way: keyof typeof older }[]).map(({ way, ...run }) => ({ ...run, region: older[way] })),
    )
    expect({ ...placement, runs: [] }).toEqual({ ...was, runs: [] })
  })

  it('tells of each logged run which press run it was: of a job of two, one finishes', () => {
    const { id, runs } = jobNamed(now, 'Window with the lighthouse')
    const logged = now.runs.filter(({ jobId }) => jobId === id)
    expect(logged.map(({ pressRunId, finishes, pieces }) => [pressRunId, finishes, pieces])).toEqual([
      [runs[1]!.id, true, 3],
      [runs[0]!.id, false, 4],
    ])
    expect(logged.map(({ region }) => region)).toEqual(['to-line', 'to-line'])
    const plain = jobNamed(now, 'Portholes, blade up')
    expect(
      now.runs.filter(({ jobId }) => jobId === plain.id).every((run) => run.pressRunId === plain.runs[0]!.id),
    ).toBe(true)
  })

  it('gives a kept stack the roles that its places tell', () => {
    const roles = runInHandOf(jobNamed(now, 'Corner aperture')).layers.map((layer) =>
      layer.is === 'plate' ? layer.role : layer.is,
    )
    expect(roles).toContain('block')
    expect(roles.filter((role) => role === 'bed')).toHaveLength(1)
    expect(now.runs.flatMap(({ layers }) => layers).filter(({ is, role }) => is === 'plate' && role === null)).toEqual(
      [],
    )
  })

  it('is the same when it is read twice', () => {
    expect(workshopFile.parse(now)).toEqual(now)
  })
})

const olderJob = (name: string): OlderJob => (older['jobs'] as OlderJob[]).find((job) => job.name === name)!

describe('a logged run that says nothing of how it was pressed', () => {
  const run = (older['runs'] as OlderRun[]).find(({ jobId }) => jobId === olderJob('Portholes, blade up').id)!
  const region = (job?: object) => (runFromOlder(run, () => undefined, job as never) as { region: string }).region

  it('was pressed as its job was, where that laid nothing out', () => {
    expect(region({ technique: 'edge-partial', placement: null })).toBe('to-line')
    expect(region({ technique: 'full-cut', placement: null })).toBe('all')
  })
  it('was pressed as a whole, where that is not known', () => {
    expect(region()).toBe('all')
    expect(region({ technique: 'edge-partial', placement: { runs: [] } })).toBe('all')
    expect(region({ technique: 'toString', placement: null })).toBe('all')
  })
})

describe('what is no older shape', () => {
  it.each([null, 3, 'job', [], { runs: [] }, {}])('is left to the schemas to judge: %j', (what) => {
    expect(workshopFile.safeParse(what).success).toBe(false)
    expect(jobInput.safeParse(jobFromOlder(what, () => undefined)).success).toBe(false)
    expect(runInput.safeParse(what).success).toBe(false)
  })
  it('with runs that are no list is refused by its field', () => {
    const { error } = workshopFile.safeParse({ ...older, runs: 'none' })
    expect(error?.issues.map(({ path }) => path.join('.'))).toEqual(['runs'])
  })
})

it('a recipe file of version 1 is read, its layers with roles', () => {
  const { cut } = recipeFile.parse(olderRecipe)
  expect([cut.technique, cut.region]).toEqual(['cut', 'all'])
  expect(cut.layers.flatMap((layer) => (layer.is === 'plate' ? [layer.role] : []))).toEqual(
    expect.arrayContaining(['platform', 'bed', 'pad']),
  )
})
