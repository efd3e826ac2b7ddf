import { cameOutGood, type CauseId, causes, type Seen } from '@bold-heron/core'
import type { HelpedAnswer } from '@bold-heron/schema'
import { QueryTypes, type Sequelize } from 'sequelize'
import { inWriting } from './transactions.js'

/** Since when it counts what helped, where that was ever set back. */
const SET_BACK = 'causes-set-back'

const named = new Map<string, CauseId>(causes.map(({ id }) => [id, id]))

/** How often what was done against a cause helped, by the rounds of the log in which that was tried since it was set back. */
export const whatHelped = async (sequelize: Sequelize): Promise<HelpedAnswer> => {
  const [mark] = await sequelize.query<{ reached_at: Date }>(`SELECT reached_at FROM milestones WHERE name = :name`, {
    type: QueryTypes.SELECT,
    replacements: { name: SET_BACK },
  })
  const since = mark?.reached_at ?? null
  const rounds = await sequelize.query<{ remedy: string; seen: Seen; feel: string; count: number }>(
    `SELECT remedy, seen, feel, count(*)::int AS count FROM run_rounds JOIN runs ON runs.id = run_rounds.run_id
     WHERE remedy IS NOT NULL AND runs.deleted_at IS NULL AND (:since::timestamptz IS NULL OR runs.at > :since)
     GROUP BY remedy, seen, feel`,
    { type: QueryTypes.SELECT, replacements: { since } },
  )
  const byCause = new Map<CauseId, { helped: number; failed: number }>()
  for (const { remedy, seen, feel, count } of rounds) {
    const cause = named.get(remedy)
    if (!cause) continue
    const known = byCause.get(cause) ?? { helped: 0, failed: 0 }
    known[cameOutGood({ seen, feel } as Parameters<typeof cameOutGood>[0]) ? 'helped' : 'failed'] += count
    byCause.set(cause, known)
  }
  return {
    since: since?.toISOString() ?? null,
    causes: [...byCause].map(([cause, counts]) => ({ cause, ...counts })).sort((a, b) => b.helped - a.helped),
  }
}

/** From now on nothing counts of what helped before. */
export const setBackHelped = (sequelize: Sequelize, now: Date): Promise<void> =>
  inWriting(sequelize, async (transaction) => {
    await sequelize.query(
      `INSERT INTO milestones VALUES (:name, :now) ON CONFLICT (name) DO UPDATE SET reached_at = :now`,
      { replacements: { name: SET_BACK, now }, transaction },
    )
  })
