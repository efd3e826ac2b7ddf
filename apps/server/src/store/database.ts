import { Sequelize } from 'sequelize'

/** Opens the database; nothing is sent until the first query. */
export const openDatabase = (url: string): Sequelize =>
  new Sequelize(url, {
    dialect: 'postgres',
    logging: false,
    pool: { max: 8, min: 0, acquire: 15_000 },
    define: { timestamps: false, underscored: true },
  })
