import { idField, runInput } from '@bold-heron/schema'
import type { Express } from 'express'
import { inWriting } from '../store/transactions.js'
import type { Workshop } from '../store/workshop.js'
import { refuse } from './problems.js'
import { sendSaved } from './resource.js'
import { validated } from './validate.js'

/**
 * Runs as they are being made at the Bench. The page sends a run's whole state under an id of its own after every look, as often as
 * it takes until it hears that it arrived; the same state twice is once, and an older state never undoes a newer one.
 */
export const addBenchRuns = (app: Express, workshop: Workshop): void => {
  app.put('/api/bench-runs/:id', async (request, response) => {
    const id = idField.safeParse(request.params.id)
    if (!id.success) return refuse(404, 'A run’s id looks like 0b5f1c9e-….')
    const input = validated(runInput, request.body)
    const { saved, isNew } = await inWriting(workshop.sequelize, async (transaction) => {
      // Two deliveries of one run come one after the other, the first of all included.
      await workshop.sequelize.query('SELECT pg_advisory_xact_lock(hashtextextended(:id, 0))', {
        replacements: { id: id.data },
        transaction,
      })
      const stored = await workshop.runs.findEvenDeleted(id.data, transaction)
      // One that was deleted stays so, until the Bench has more to tell of it.
      if (stored && stored.rounds.length >= input.rounds.length)
        return { saved: { is: 'saved' as const, row: stored }, isNew: false }
      return workshop.runs.putIn(id.data, input, transaction)
    })
    sendSaved(response, saved, 'run', isNew ? 201 : 200)
  })
}
