import { randomUUID } from 'node:crypto'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { migrations } from './migrate.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

let server: TestServer
beforeAll(async () => {
  server = await startTestServer({ demo: true })
})
afterAll(() => server.close())

const run = (statement: string) => server.database.sequelize.query(statement)
const constraintOf = async (statement: string): Promise<string> => {
  const error = await run(statement).then(
    () => undefined,
    (met: { original?: { constraint?: string; column?: string } }) => met,
  )
  return error?.original?.constraint ?? error?.original?.column ?? 'none'
}

describe('the database itself refuses', () => {
  it.each([
    ['a plate without a name', `UPDATE plates SET name = ''`, 'plates_name_check'],
    ['a plate of no thickness', `UPDATE plates SET thickness_mm = 0`, 'plates_thickness_mm_check'],
    ['a width of NaN', `UPDATE plates SET width_mm = 'NaN'`, 'plates_width_mm_check'],
    ['a blade taller than its die', `UPDATE dies SET blade_height_mm = height_mm + 1`, 'dies_blade_within_height'],
    ['a job without its press', `UPDATE jobs SET press_id = '${randomUUID()}'`, 'jobs_press'],
    ['a press deleted under its jobs', `DELETE FROM presses`, 'jobs_press'],
    ['a state nobody knows', `UPDATE jobs SET state = 'lost'`, 'jobs_state_check'],
    [
      'a second set of house rules',
      `INSERT INTO house_rules SELECT 2, version, updated_at FROM house_rules`,
      'blade_side',
    ],
    ['a kind of plate nobody knows', `UPDATE plates SET kind = 'sponge' WHERE leaves = '[]'`, 'plates_kind_word'],
    [
      'a look nobody knows',
      `UPDATE run_rounds SET seen = 'eaten', hanging_share = NULL, hanging_place = NULL, hanging_at = NULL`,
      'run_rounds_seen_word',
    ],
    ['a layer both plate and die', `UPDATE job_layers SET layer_is = 'dies'`, 'job_layers_check'],
  ])('%s', async (_, statement, constraint) => {
    expect(await constraintOf(statement)).toBe(constraint)
  })

  it('has an index for every foreign key that is searched by', async () => {
    const rows = await server.database.sequelize.query<{ indexname: string }>(
      `SELECT indexname FROM pg_indexes WHERE schemaname = 'public'`,
      { type: QueryTypes.SELECT },
    )
    const names = rows.map((row) => row.indexname)
    for (const index of [
      'jobs_by_press',
      'job_runs_by_sheet',
      'runs_by_job',
      'runs_by_press',
      'runs_by_time',
      'run_dies_by_die',
    ])
      expect(names).toContain(index)
  })
})

describe('migrations', () => {
  it('go down and up again', async () => {
    const context = server.database.sequelize.getQueryInterface()
    for (const migration of [...migrations].reverse()) await migration.down({ context })
    for (const migration of migrations) await migration.up({ context })
    const [rules] = await server.database.sequelize.query<{ count: string }>('SELECT count(*) FROM house_rules', {
      type: QueryTypes.SELECT,
    })
    expect(rules!.count).toBe('1')
  })
})
