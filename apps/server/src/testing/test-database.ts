import { randomBytes } from 'node:crypto'
import { type Sequelize } from 'sequelize'
import { openDatabase } from '../store/database.js'

export interface TestDatabase {
  readonly url: string
  readonly sequelize: Sequelize
  drop(): Promise<void>
}

/** A fresh, empty database on the test cluster; `npm test` starts the cluster. */
export const createTestDatabase = async (): Promise<TestDatabase> => {
  const clusterUrl = process.env['TEST_DATABASE_URL']
  if (!clusterUrl) throw new Error('TEST_DATABASE_URL is not set; run the tests with "npm test".')
  const name = `test_${randomBytes(6).toString('hex')}`
  const cluster = openDatabase(clusterUrl)
  await cluster.query(`CREATE DATABASE ${name}`)
  const url = Object.assign(new URL(clusterUrl), { pathname: `/${name}` }).href
  const sequelize = openDatabase(url)
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
