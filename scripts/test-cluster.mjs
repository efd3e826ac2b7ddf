// The cluster that tests and pictures are made on, and what is left on it from those before.
import { join } from 'node:path'
import { startCluster } from './cluster.mjs'
import { demoTemplate } from './demo-template.mjs'
import { takeLock } from './lock.mjs'
import { giveUp } from './say.mjs'

/** Drops what a run that was broken off left behind, and the demo as older sources made it. */
const tidy = async (url, template) => {
  const { default: pg } = await import('pg')
  const client = new pg.Client({ connectionString: url })
  await client.connect()
  const { rows } = await client.query(
    `SELECT datname FROM pg_database WHERE (datname LIKE 'test\\_%' OR datname LIKE 'demo\\_%') AND datname NOT IN ($1, $2)`,
    [template, `${template}_empty`],
  )
  for (const { datname } of rows) {
    await client.query(`ALTER DATABASE ${datname} WITH IS_TEMPLATE false`)
    await client.query(`DROP DATABASE ${datname} WITH (FORCE)`)
  }
  await client.end()
}

/** Starts the cluster for one user at a time, and returns what that one's environment needs and how to stop it. */
export const startTestCluster = async (root) => {
  const lock = await takeLock(root, 'tests')
  if (!lock)
    giveUp('Tests or pictures are being made in this folder already. Wait until they are done, then start again.')
  const { url, stop } = await startCluster(root, 'test-postgres', { durable: false })
  const template = demoTemplate(root)
  await tidy(url, template)
  const BUILT_WORKER = join(root, 'apps/server/dist/worker.js')
  return { env: { ...process.env, TEST_DATABASE_URL: url, DEMO_TEMPLATE: template, BUILT_WORKER }, stop }
}
