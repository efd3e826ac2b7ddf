import type { Express } from 'express'
import type { Workshop } from '../store/workshop.js'

/** ms. A database that takes longer than this for nothing at all is not well. */
const PATIENCE_MS = 1500

/** Whether the server and its database answer; within two seconds, whatever state they are in. */
export const addHealth = (app: Express, workshop: Workshop): void => {
  app.get('/api/health', async (_request, response) => {
    let timer: NodeJS.Timeout | undefined
    const tooLate = new Promise<boolean>((resolve) => (timer = setTimeout(() => resolve(false), PATIENCE_MS)))
    const answers = workshop.sequelize.query('SELECT 1').then(
      () => true,
      () => false,
    )
    const ok = await Promise.race([answers, tooLate])
    clearTimeout(timer)
    response.status(ok ? 200 : 503).json({ ok, database: ok ? 'answers' : 'does not answer' })
  })
}
