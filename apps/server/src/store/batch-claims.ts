import { plateIdOf } from '@bold-heron/core'
import type { BatchClaim, ClaimWish } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { among } from './among.js'
import { AskedTogether } from './asked-together.js'
import { inWriting } from './transactions.js'

/** ms. So long a claim holds where nothing more is heard of whoever has it: their device may be off, or they have gone home. */
const LEASE_MS = 10 * 60_000

/** What came of wanting runs of an evening. */
export type Claiming =
  /** Taken now, or had before and held on to. */
  | { readonly is: 'taken-now' | 'held'; readonly claim: BatchClaim }
  /** Somebody else is at them, or at some of their jobs. */
  | { readonly is: 'taken'; readonly by: BatchClaim }
  /** A plate of theirs lies in another press, and there are no more of it. */
  | { readonly is: 'plate-elsewhere'; readonly plate: string; readonly press: string; readonly by: string }
  | { readonly is: 'no-evening' }
  | { readonly is: 'no-press' }

interface StoredClaim extends Omit<BatchClaim, 'until'> {
  readonly until: Date
}

const toClaim = ({ until, ...claim }: StoredClaim): BatchClaim => ({ ...claim, until: until.toISOString() })

const COLUMNS = 'batch_id AS "batchId", press_id AS "pressId", holder, name, until'

/** The claims that hold now, by evening. */
export const claimsOn = async (
  sequelize: Sequelize,
  eveningIds: readonly string[],
  transaction: Transaction,
): Promise<ReadonlyMap<string, readonly BatchClaim[]>> => {
  const rows = await sequelize.query<StoredClaim & { readonly eveningId: string }>(
    `SELECT evening_id AS "eveningId", ${COLUMNS} FROM batch_claims
     WHERE until > now() AND evening_id IN ${among('ids')} ORDER BY until, batch_id`,
    { type: QueryTypes.SELECT, replacements: { ids: JSON.stringify(eveningIds) }, transaction },
  )
  const byEvening = new Map<string, BatchClaim[]>()
  for (const { eveningId, ...claim } of rows)
    byEvening.set(eveningId, [...(byEvening.get(eveningId) ?? []), toClaim(claim)])
  return byEvening
}

/** The first plate of a wish that lies in another press already, where the shelf has no more of it. */
const plateElsewhere = async (
  sequelize: Sequelize,
  { pressId, holder, plateIds }: ClaimWish,
  transaction: Transaction,
): Promise<Extract<Claiming, { is: 'plate-elsewhere' }> | undefined> => {
  const wanted = plateIds.map(plateIdOf)
  const [found] = await sequelize.query<{ plate: string; press: string; by: string }>(
    `WITH wanted AS (SELECT value::uuid AS id, count(*) AS pieces FROM json_array_elements_text(:wanted) GROUP BY value),
     elsewhere AS (
       SELECT left(lying.value, 36)::uuid AS id, count(*) AS pieces, min(presses.name) AS press, min(claim.name) AS by
       FROM batch_claims AS claim JOIN presses ON presses.id = claim.press_id,
         LATERAL jsonb_array_elements_text(claim.plate_ids) AS lying
       WHERE claim.until > now() AND claim.press_id <> :pressId AND claim.holder <> :holder GROUP BY 1)
     SELECT plates.name AS plate, elsewhere.press, elsewhere.by
     FROM wanted JOIN elsewhere USING (id) JOIN plates USING (id)
     WHERE wanted.pieces + elsewhere.pieces > plates.count ORDER BY plates.name LIMIT 1`,
    { type: QueryTypes.SELECT, replacements: { wanted: JSON.stringify(wanted), pressId, holder }, transaction },
  )
  return found && { is: 'plate-elsewhere', ...found }
}

interface Held {
  readonly eveningId: string
  readonly wish: ClaimWish
}

/** Says anew that browsers have what they have: of each its claim, undefined where it has not got it any more. */
const holdAll = async (sequelize: Sequelize, all: readonly Held[]): Promise<(BatchClaim | undefined)[]> => {
  const wishes = all.map(({ eveningId, wish: { batchId, pressId, holder, plateIds } }, at) => ({
    at,
    evening: eveningId,
    batch: batchId,
    press: pressId,
    whose: holder,
    plates: plateIds,
  }))
  const held = await sequelize.query<StoredClaim & { readonly at: number }>(
    `UPDATE batch_claims SET until = $2
     FROM json_to_recordset($1) AS wish (at integer, evening uuid, batch text, press uuid, whose uuid, plates jsonb)
     WHERE evening_id = evening AND batch_id = batch AND press_id = press AND holder = whose AND plate_ids = plates AND until > now()
     RETURNING wish.at, ${COLUMNS}`,
    { type: QueryTypes.SELECT, bind: [JSON.stringify(wishes), new Date(Date.now() + LEASE_MS)] },
  )
  const byPlace = new Map(held.map(({ at, ...claim }) => [at, toClaim(claim)]))
  return all.map((_, at) => byPlace.get(at))
}

/** Devices say so again and again: those of a moment in one statement. */
const holding = new WeakMap<Sequelize, AskedTogether<Held, BatchClaim | undefined>>()

const holdOn = (sequelize: Sequelize, eveningId: string, wish: ClaimWish): Promise<BatchClaim | undefined> => {
  const together = holding.get(sequelize) ?? new AskedTogether((all: readonly Held[]) => holdAll(sequelize, all))
  holding.set(sequelize, together)
  return together.ask({ eveningId, wish })
}

/**
 * Takes runs of an evening for a browser, or holds on to what it has: two of them never have the same job's runs at once. `overrule` takes them
 * from whoever has them. A browser is at one batch of a press at a time.
 */
export const claimBatch = async (
  sequelize: Sequelize,
  eveningId: string,
  wish: ClaimWish,
  name: string,
): Promise<Claiming> => {
  const claim = await holdOn(sequelize, eveningId, wish)
  return claim ? { is: 'held', claim } : takeBatch(sequelize, eveningId, wish, name)
}

const takeBatch = (sequelize: Sequelize, eveningId: string, wish: ClaimWish, name: string): Promise<Claiming> =>
  inWriting(sequelize, async (transaction) => {
    const { batchId, pressId, holder, plateIds, overrule } = wish
    const replacements = { eveningId, batchId, pressId, holder }
    const ask = { type: QueryTypes.SELECT as const, replacements, transaction }
    // Whoever asks for runs of this evening meanwhile waits here.
    const [evening] = await sequelize.query('SELECT id FROM evenings WHERE id = :eveningId FOR NO KEY UPDATE', ask)
    if (!evening) return { is: 'no-evening' }
    const [press] = await sequelize.query('SELECT id FROM presses WHERE id = :pressId', ask)
    if (!press) return { is: 'no-press' }
    const alike = `evening_id = :eveningId AND string_to_array(batch_id, '+') && string_to_array(:batchId, '+')`
    if (!overrule) {
      const [by] = await sequelize.query<StoredClaim>(
        `SELECT ${COLUMNS} FROM batch_claims WHERE ${alike} AND holder <> :holder AND until > now() LIMIT 1`,
        ask,
      )
      if (by) return { is: 'taken', by: toClaim(by) }
      const elsewhere = plateIds.length === 0 ? undefined : await plateElsewhere(sequelize, wish, transaction)
      if (elsewhere) return elsewhere
    }
    const until = new Date(Date.now() + LEASE_MS)
    await sequelize.query(
      `WITH gone AS (
         DELETE FROM batch_claims WHERE evening_id = :eveningId AND batch_id <> :batchId
           AND (until <= now() OR ${alike} OR (press_id = :pressId AND holder = :holder)))
       INSERT INTO batch_claims (evening_id, batch_id, press_id, holder, name, plate_ids, until)
       VALUES (:eveningId, :batchId, :pressId, :holder, :name, :plateIds::jsonb, :until)
       ON CONFLICT (evening_id, batch_id) DO UPDATE SET press_id = EXCLUDED.press_id, holder = EXCLUDED.holder,
         name = EXCLUDED.name, plate_ids = EXCLUDED.plate_ids, until = EXCLUDED.until`,
      { replacements: { ...replacements, name, plateIds: JSON.stringify(plateIds), until }, transaction },
    )
    return { is: 'taken-now', claim: { batchId, pressId, holder, name, until: until.toISOString() } }
  })

/** Gives runs back that a browser took; what it has not got is no matter. */
export const letGoOf = (
  sequelize: Sequelize,
  eveningId: string,
  { batchId, holder }: Pick<ClaimWish, 'batchId' | 'holder'>,
): Promise<void> =>
  inWriting(sequelize, async (transaction) => {
    await sequelize.query(
      'DELETE FROM batch_claims WHERE evening_id = :eveningId AND batch_id = :batchId AND holder = :holder',
      { replacements: { eveningId, batchId, holder }, transaction },
    )
  })
