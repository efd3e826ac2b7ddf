// Dumps of a database: made of one moment, proven by reading them back, and put in the place of what is there as a whole or not at all.
import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { mkdtempSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { URL } from 'node:url'
import { postgresFolder } from './debian.mjs'

/** A dump that could not be made, proven or read, in a sentence. */
export class DumpFailed extends Error {}

const withDatabase = (url, name) => Object.assign(new URL(url), { pathname: `/${name}` }).href

/** A program of PostgreSQL's; the password goes by the environment, where nobody else sees it. */
const run = (program, args, url) =>
  new Promise((resolve, reject) => {
    const folder = postgresFolder()
    if (!folder)
      return reject(new DumpFailed('PostgreSQL’s programs are not installed. Run: sudo apt-get install postgresql'))
    const { hostname, port, username, password, pathname } = new URL(url)
    const child = spawn(join(folder, program), args, {
      cwd: '/',
      stdio: ['ignore', 'ignore', 'pipe'],
      env: {
        ...process.env,
        PGHOST: hostname,
        PGPORT: port || '5432',
        PGUSER: decodeURIComponent(username),
        PGPASSWORD: decodeURIComponent(password),
        PGDATABASE: pathname.slice(1),
        PGOPTIONS: '-c client_min_messages=warning',
      },
    })
    let said = ''
    child.stderr.on('data', (part) => (said = (said + part).slice(-2000)))
    child.on('error', reject)
    child.on('exit', (status) =>
      status === 0
        ? resolve()
        : reject(new DumpFailed(`${program} failed: ${said.trim() || `it ended with ${status}`}`)),
    )
  })

/** Does something with a connection of its own. */
const withClient = async (url, work) => {
  const { default: pg } = await import('pg')
  const client = new pg.Client({ connectionString: url, connectionTimeoutMillis: 5000 })
  client.on('error', () => undefined)
  try {
    await client.connect()
  } catch {
    throw new DumpFailed('The database does not answer.')
  }
  try {
    return await work(client)
  } finally {
    await client.end().catch(() => undefined)
  }
}

/** Every table with its rows and a fingerprint of all that they hold. */
const contentsOf = async (client) => {
  const { rows } = await client.query(
    "SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' ORDER BY tablename",
  )
  const tables = new Map()
  for (const { name } of rows) {
    const { rows: found } = await client.query(
      `SELECT count(*)::integer AS count, coalesce(md5(string_agg(md5(t::text), '' ORDER BY md5(t::text))), '') AS hash FROM "${name}" AS t`,
    )
    tables.set(name, found[0])
  }
  return tables
}

/** Does something in a database that is there for no longer than that. */
const inScratch = async (url, work) => {
  const name = `scratch_${randomBytes(6).toString('hex')}`
  await withClient(url, (client) => client.query(`CREATE DATABASE ${name}`))
  try {
    return await work(withDatabase(url, name))
  } finally {
    await withClient(url, (client) => client.query(`DROP DATABASE IF EXISTS ${name} WITH (FORCE)`))
  }
}

const readBack = (file, url) =>
  run('pg_restore', ['--exit-on-error', '--no-owner', '--dbname', new URL(url).pathname.slice(1), file], url)

/** Reads a dump into a scratch database beside another, and returns what came of it; throws where it cannot be read. */
const provenContents = (file, url) =>
  inScratch(url, async (scratch) => {
    await readBack(file, scratch)
    return withClient(scratch, contentsOf)
  })

/**
 * Dumps a database as it is at one moment, whoever goes on writing, and reads the dump back: only one that holds just what the database
 * held then gets its name. Returns bytes, tables and rows.
 */
export const makeDump = async (url, file) => {
  const fresh = `${file}.new`
  try {
    const held = await withClient(url, async (client) => {
      await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY')
      const { rows } = await client.query('SELECT pg_export_snapshot() AS snapshot')
      const [held] = await Promise.all([
        contentsOf(client),
        run('pg_dump', ['--format=custom', '--no-owner', `--snapshot=${rows[0].snapshot}`, `--file=${fresh}`], url),
      ])
      return held
    })
    const found = await provenContents(fresh, url)
    for (const [name, { count, hash }] of held)
      if (found.get(name)?.count !== count || found.get(name)?.hash !== hash)
        throw new DumpFailed(`The dump does not hold what the table ${name} held; it was thrown away.`)
    const { size } = statSync(fresh)
    renameSync(fresh, file)
    return { bytes: size, tables: held.size, rows: [...held.values()].reduce((sum, { count }) => sum + count, 0) }
  } finally {
    rmSync(fresh, { force: true })
  }
}

/** Puts a dump in the place of all that a database holds, in one transaction; a dump that cannot be read changes nothing. */
export const putDump = async (url, file) => {
  await provenContents(file, url)
  const folder = mkdtempSync(join(tmpdir(), 'heron-restore-'))
  try {
    const [before, tables] = [join(folder, 'before.sql'), join(folder, 'tables.sql')]
    writeFileSync(before, 'DROP SCHEMA public CASCADE;\nCREATE SCHEMA public;\n')
    await run('pg_restore', ['--no-owner', '--file', tables, file], url)
    await run(
      'psql',
      [
        '--no-psqlrc',
        '--quiet',
        '--single-transaction',
        '--set',
        'ON_ERROR_STOP=1',
        '--file',
        before,
        '--file',
        tables,
      ],
      url,
    )
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}
