import { Sequelize } from 'sequelize'

/** ms. A connection that is not made, and a statement that is not answered, within these is given up. */
const CONNECT_MS = 4000
const STATEMENT_MS = 30_000
const ACQUIRE_MS = 5000

/** Opens the database; nothing is sent until the first query. */
export const openDatabase = (url: string, { connections = 8 }: { readonly connections?: number } = {}): Sequelize =>
  new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    // One stays open, so that a quiet hour is not followed by a slow first answer.
    pool: { max: connections, min: 1, acquire: ACQUIRE_MS },
    define: { timestamps: false, underscored: true },
    dialectOptions: {
      connectionTimeoutMillis: CONNECT_MS,
      statement_timeout: STATEMENT_MS,
      // The server enforces its own limit; this one is for a server that does not answer at all.
      query_timeout: STATEMENT_MS + CONNECT_MS,
      keepAlive: true,
    },
  })
