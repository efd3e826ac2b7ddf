import { createHash } from 'node:crypto'
import { type Die, isAnswerFor, type ResponseRecord, MODEL_EDITION, type Press } from '@bold-heron/core'
import { QueryTypes, type Sequelize } from 'sequelize'

export type NamedRecords = readonly (readonly [name: string, answers: ResponseRecord])[]

/** Answers kept in the database, all presses together; the oldest go first. */
const MOST_KEPT = 30_000
/** Results kept, such as charts. */
const MOST_RESULTS = 300

/** A name for something that was worked out by this edition of the model: what another one said is not found. */
const hashOf = (text: string): string => createHash('sha256').update(`${MODEL_EDITION} ${text}`).digest('base64url')

/**
 * What presses answered on beds, and whole results, under names for all that they depend on: kept in the database, so that a change
 * computes only what it touches, and what was worked out once is there after a restart. Nothing here is the user's: it can be lost.
 */
export class ComputedCache {
  private readonly byPress = new Map<string, Promise<Map<string, ResponseRecord>>>()

  constructor(private readonly sequelize: Sequelize) {}

  private nameOfPress({ frame, drive }: Press): string {
    return hashOf(JSON.stringify([frame, drive]))
  }

  private ofPress(press: Press): Promise<Map<string, ResponseRecord>> {
    const key = this.nameOfPress(press)
    const known = this.byPress.get(key)
    if (known) return known
    const read = this.sequelize
      .query<{ name: string; answers: { name: string; its: ResponseRecord } }>(
        'SELECT name, answers FROM kept_answers WHERE press = :press',
        { type: QueryTypes.SELECT, replacements: { press: key } },
      )
      .then((rows) => new Map(rows.map(({ answers }) => [answers.name, answers.its])))
    this.byPress.set(key, read)
    read.catch(() => this.byPress.delete(key))
    return read
  }

  /** What a press answered with any of some dies. */
  async answersFor(press: Press, dies: readonly Die[]): Promise<NamedRecords> {
    const isFor = isAnswerFor(dies)
    return [...(await this.ofPress(press))].filter(([name]) => isFor(name))
  }

  async keepAnswers(press: Press, made: NamedRecords): Promise<void> {
    if (made.length === 0) return
    const known = await this.ofPress(press)
    for (const [name, answers] of made) known.set(name, answers)
    const rows = made.map(([name, its]) => ({ name: hashOf(name), answers: { name, its } }))
    await this.sequelize.query(
      `INSERT INTO kept_answers (name, press, answers)
       SELECT name, $2, answers FROM json_to_recordset($1) AS row(name text, answers jsonb) ON CONFLICT (name) DO NOTHING`,
      { bind: [JSON.stringify(rows), this.nameOfPress(press)] },
    )
    await this.sequelize.query(
      `DELETE FROM kept_answers WHERE name IN (SELECT name FROM kept_answers ORDER BY at DESC, name OFFSET ${MOST_KEPT})`,
    )
  }

  /** A whole result of this name; undefined where it was never worked out, or is forgotten. */
  async result(name: string): Promise<unknown> {
    const [row] = await this.sequelize.query<{ made: unknown }>('SELECT made FROM worked_out WHERE name = :name', {
      type: QueryTypes.SELECT,
      replacements: { name: hashOf(name) },
    })
    return row?.made
  }

  async keepResult(name: string, made: unknown): Promise<void> {
    await this.sequelize.query(
      `INSERT INTO worked_out (name, made) VALUES ($1, $2) ON CONFLICT (name) DO UPDATE SET made = EXCLUDED.made, at = now()`,
      { bind: [hashOf(name), JSON.stringify(made)] },
    )
    await this.sequelize.query(
      `DELETE FROM worked_out WHERE name IN (SELECT name FROM worked_out ORDER BY at DESC, name OFFSET ${MOST_RESULTS})`,
    )
  }
}
