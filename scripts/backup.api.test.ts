import { mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { QueryTypes } from 'sequelize'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { migrate } from '../apps/server/src/store/migrate.js'
import { createTestDatabase, type TestDatabase } from '../apps/server/src/testing/test-database.js'
import { makeDump, putDump } from './dump.mjs'
import { dumpOfDay, dumpsFolder } from './kept-dumps.mjs'

const folder = mkdtempSync(join(tmpdir(), 'heron-backup-'))
let database: TestDatabase
beforeAll(async () => {
  database = await createTestDatabase({ demo: true })
})
afterAll(async () => {
  await database.drop()
  rmSync(folder, { recursive: true, force: true })
})

const names = async (): Promise<string[]> =>
  (
    await database.sequelize.query<{ name: string }>('SELECT name FROM plates ORDER BY name', {
      type: QueryTypes.SELECT,
    })
  ).map(({ name }) => name)
const write = (sql: string) => database.sequelize.query(sql)

it('a backup puts back all that was there, and nothing that came since', async () => {
  const file = join(folder, 'one.dump')
  const before = await names()
  const { tables, rows, bytes } = await makeDump(database.url, file)
  expect([tables > 20, rows > 500, bytes > 10_000]).toEqual([true, true, true])
  await write("UPDATE plates SET name = 'changed since'")
  await putDump(database.url, file)
  expect(await names()).toEqual(before)
})

it('a backup from before a change of the tables is brought up to date', async () => {
  const file = join(folder, 'older.dump')
  await write('ALTER TABLE runs DROP COLUMN learnt_as')
  await write("DELETE FROM schema_migrations WHERE name LIKE '0010%'")
  await makeDump(database.url, file)
  await migrate(database.sequelize)
  await write('CREATE TABLE of_a_later_time (id integer)')
  await putDump(database.url, file)
  await migrate(database.sequelize)
  await write('UPDATE runs SET learnt_as = NULL')
  await expect(write('SELECT * FROM of_a_later_time')).rejects.toThrow('does not exist')
})

it('half a file is no backup, and changes nothing', async () => {
  const whole = join(folder, 'whole.dump')
  await makeDump(database.url, whole)
  const half = join(folder, 'half.dump')
  const content = readFileSync(whole)
  writeFileSync(half, content.subarray(0, content.length / 2))
  const before = await names()
  await expect(putDump(database.url, half)).rejects.toThrow('pg_restore failed')
  expect(await names()).toEqual(before)
})

it('one a day is kept, and of those the last seven', async () => {
  const kept = dumpsFolder(folder)
  for (let day = 1; day <= 8; day++) {
    const old = join(kept, `daily-2026-01-0${day}120000.dump`)
    writeFileSync(old, 'old')
    utimesSync(old, new Date(0), new Date(0))
  }
  expect(await dumpOfDay(folder, database.url)).toBeDefined()
  expect(readdirSync(kept)).toHaveLength(7)
  expect(await dumpOfDay(folder, database.url)).toBeUndefined()
  expect(readdirSync(kept).some((name) => name.endsWith('.new'))).toBe(false)
})
