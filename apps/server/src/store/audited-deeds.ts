import type { Audited } from '@bold-heron/schema'
import { QueryTypes, type Sequelize } from 'sequelize'

/** So many of the latest are told. */
const DEEDS_TOLD = 50

/** Writes down what somebody did; `who` is empty for who sat at the machine itself. */
export const writeDown = async (sequelize: Sequelize, { who, deed, about }: Omit<Audited, 'at'>): Promise<void> => {
  await sequelize.query(`INSERT INTO audited_deeds (at, who, deed, about) VALUES (:at, :who, :deed, :about)`, {
    replacements: { at: new Date(), who, deed, about },
  })
}

/** What was done last, newest first. */
export const lastDeeds = async (sequelize: Sequelize): Promise<Audited[]> =>
  (
    await sequelize.query<Omit<Audited, 'at'> & { at: Date }>(
      `SELECT at, who, deed, about FROM audited_deeds ORDER BY id DESC LIMIT :most`,
      { type: QueryTypes.SELECT, replacements: { most: DEEDS_TOLD } },
    )
  ).map(({ at, ...rest }) => ({ at: at.toISOString(), ...rest }))
