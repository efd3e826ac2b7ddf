import { openDatabase } from './database.js'
import { defineModels } from './models/define.js'
import { openWorkshop, type Workshop } from './workshop.js'

/** Lets a thread of its own work on the workshop, over one connection that ends with the work. */
export const onOwnConnection = async <Made>(
  databaseUrl: string,
  work: (workshop: Workshop) => Promise<Made>,
): Promise<Made> => {
  const sequelize = openDatabase(databaseUrl, { connections: 1 })
  try {
    defineModels(sequelize)
    return await work(openWorkshop(sequelize))
  } finally {
    await sequelize.close()
  }
}
