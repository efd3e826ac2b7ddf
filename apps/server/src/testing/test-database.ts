import { randomBytes } from 'node:crypto'
import { QueryTypes, Sequelize } from 'sequelize'
import { loadDemoOnce } from '../demo/load.js'
import { Learner } from '../learning/learner.js'
import { openDatabase } from '../store/database.js'
import { migrate } from '../store/migrate.js'
import { defineModels } from '../store/models/define.js'
import { openWorkshop } from '../store/workshop.js'
import { learnOn } from '../work/learn.js'
import { Work } from '../work/work.js'

export interface TestDatabase {
  readonly url: string
  readonly sequelize: Sequelize
  drop(): Promise<void>
}

/** When the demo is loaded in tests; any fixed time will do. */
const DEMO_TIME = new Date('2026-06-20T10:00:00Z')

const TEMPLATE_LOCK = 4_310

const urlOf = (clusterUrl: string, name: string): string =>
  Object.assign(new URL(clusterUrl), { pathname: `/${name}` }).href

/** Named by whoever started the cluster, after the sources that it is made of: so it is kept from run to run, and never stale. */
const templateName = (): string => process.env['DEMO_TEMPLATE'] ?? 'demo_once'

/** Learns from the whole log, so that servers on a copy have nothing to do at their start. */
const learnAll = async (sequelize: Sequelize): Promise<void> => {
  const work = new Work()
  const learner = new Learner(sequelize, learnOn(work))
  learner.wake()
  await learner.idle()
  await work.close()
}

/** A connection on which nothing is given up: making and copying a demo takes as long as a busy machine needs. */
const patientCluster = (clusterUrl: string): Sequelize =>
  new Sequelize(clusterUrl, { dialect: 'postgres', logging: false, pool: { max: 4, idle: 1000, acquire: 600_000 } })

const fillEmpty = async (sequelize: Sequelize): Promise<void> => {
  defineModels(sequelize)
  await migrate(sequelize)
}

const fillDemo = async (sequelize: Sequelize): Promise<void> => {
  await fillEmpty(sequelize)
  await loadDemoOnce(openWorkshop(sequelize), DEMO_TIME)
  await learnAll(sequelize)
}

/** A workshop in a database of its own, empty or with the demo, made by whichever test comes first and copied by all. */
const templateOf = async (demo: boolean, cluster: Sequelize, clusterUrl: string): Promise<string> => {
  const name = demo ? templateName() : `${templateName()}_empty`
  await cluster.transaction(async (transaction) => {
    // However long whoever makes it takes.
    await cluster.query('SELECT pg_advisory_xact_lock(:key)', { replacements: { key: TEMPLATE_LOCK }, transaction })
    const there = await cluster.query('SELECT 1 FROM pg_database WHERE datname = :name AND datistemplate', {
      replacements: { name },
      type: QueryTypes.SELECT,
      transaction,
    })
    if (there.length > 0) return
    await cluster.query(`DROP DATABASE IF EXISTS ${name}`)
    await cluster.query(`CREATE DATABASE ${name}`)
    const filling = openDatabase(urlOf(clusterUrl, name))
    await (demo ? fillDemo : fillEmpty)(filling).finally(() => filling.close())
    await cluster.query(`ALTER DATABASE ${name} WITH IS_TEMPLATE true`)
  })
  return name
}

/** A fresh database on the test cluster, empty or with the demo in it; `npm test` starts the cluster. */
export const createTestDatabase = async ({
  demo = false,
  through = (url) => url,
}: {
  readonly demo?: boolean
  /** Another address that leads to the database. */
  readonly through?: (url: string) => string
} = {}): Promise<TestDatabase> => {
  const clusterUrl = process.env['TEST_DATABASE_URL']
  if (!clusterUrl) throw new Error('TEST_DATABASE_URL is not set; run the tests with "npm test".')
  const name = `test_${randomBytes(6).toString('hex')}`
  const cluster = patientCluster(clusterUrl)
  await cluster.query(`CREATE DATABASE ${name} TEMPLATE ${await templateOf(demo, cluster, clusterUrl)}`)
  const url = urlOf(clusterUrl, name)
  const sequelize = openDatabase(through(url))
  return {
    url,
    sequelize,
    async drop() {
      await sequelize.close()
      await cluster.query(`DROP DATABASE ${name} WITH (FORCE)`)
      await cluster.close()
    },
  }
}
