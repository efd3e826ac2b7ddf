import type { Page, PlateRow } from '@bold-heron/schema'
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest'
import { type DatabaseRoad, openRoad } from '../testing/database-road.js'
import { plateInputs } from '../testing/inputs.js'
import { startTestServer, type TestServer } from '../testing/test-server.js'

/** Long enough for a write that is tried again and again, on a machine that is busy with other tests. */
const DEADLINE_MS = 2500

let road: DatabaseRoad
let server: TestServer
beforeAll(async () => {
  road = await openRoad(process.env['TEST_DATABASE_URL']!)
  server = await startTestServer({ through: road.through, deadlineMs: DEADLINE_MS })
})
afterAll(async () => {
  await server.close()
  await road.close()
})

const add = () => server.api.post('/api/plates').send(plateInputs.pad)
const saved = async () => ((await server.api.get('/api/plates')).body as Page<PlateRow>).total
const run = (sql: string) => server.database.sequelize.query(sql)

/** What the database does when a plate is added: at once, or when the transaction is committed. */
const whenAdded = async (does: string, when: 'at once' | 'at the end' = 'at once'): Promise<void> => {
  await run(`CREATE FUNCTION trouble() RETURNS trigger LANGUAGE plpgsql AS $$ BEGIN ${does}; RETURN NEW; END $$`)
  await run(
    when === 'at once'
      ? 'CREATE TRIGGER trouble BEFORE INSERT ON plates FOR EACH ROW EXECUTE FUNCTION trouble()'
      : 'CREATE CONSTRAINT TRIGGER trouble AFTER INSERT ON plates DEFERRABLE INITIALLY DEFERRED FOR EACH ROW EXECUTE FUNCTION trouble()',
  )
}
afterEach(async () => {
  road.unblock()
  await run('DROP FUNCTION IF EXISTS trouble CASCADE')
})

describe('a write', () => {
  it('whose connection is lost says that nothing was saved, and nothing was', async () => {
    const before = await saved()
    await whenAdded('PERFORM pg_terminate_backend(pg_backend_pid())')
    const answer = await add()
    expect([answer.status, (answer.body as { detail: string }).detail]).toEqual([
      503,
      expect.stringContaining('Nothing of this was saved'),
    ])
    expect(await saved()).toBe(before)
  })

  it('whose connection is lost at its very end says that it is not known whether it was saved', async () => {
    await whenAdded('PERFORM pg_terminate_backend(pg_backend_pid())', 'at the end')
    const answer = await add()
    expect([answer.status, (answer.body as { detail: string }).detail]).toEqual([
      503,
      expect.stringContaining('not known whether this was saved'),
    ])
  })

  it('for which the disk has no room is a 507, and nothing is there by halves', async () => {
    const before = await saved()
    await whenAdded(`RAISE 'could not extend file: No space left on device' USING ERRCODE = '53100'`)
    const answer = await add()
    expect([answer.status, (answer.body as { detail: string }).detail]).toEqual([
      507,
      expect.stringContaining('Nothing of this was saved'),
    ])
    expect(await saved()).toBe(before)
  })

  it('that clashes with another again and again is told, not called our mistake', async () => {
    await whenAdded(`RAISE 'deadlock detected' USING ERRCODE = '40P01'`)
    expect((await add()).status).toBe(503)
  })

  it('that clashed once is done again', async () => {
    await run('CREATE SEQUENCE tries')
    await whenAdded(`IF nextval('tries') < 3 THEN RAISE 'could not serialize' USING ERRCODE = '40001'; END IF`)
    const before = await saved()
    expect((await add()).status).toBe(201)
    expect(await saved()).toBe(before + 1)
    await run('DROP SEQUENCE tries')
  })
})

describe('a database that does not answer', () => {
  it('is told in time: of a read, of a write, and of its health', async () => {
    await saved()
    road.block()
    const [read, write, health] = await Promise.all([
      server.api.get('/api/plates'),
      add(),
      server.api.get('/api/health'),
    ])
    expect([read.status, write.status, health.status]).toEqual([503, 503, 503])
    expect((write.body as { detail: string }).detail).toContain('not known whether this was saved')
    expect(health.body).toEqual({ ok: false, database: 'does not answer' })
    road.unblock()
    road.cut()
    expect((await server.api.get('/api/health')).body).toEqual({ ok: true, database: 'answers' })
  })

  it('and comes back is used again at once, with no more than one answer lost', async () => {
    await Promise.all([saved(), saved(), saved()])
    road.cut()
    await server.api.get('/api/plates')
    expect((await server.api.get('/api/plates')).status).toBe(200)
    expect((await add()).status).toBe(201)
  })
})
