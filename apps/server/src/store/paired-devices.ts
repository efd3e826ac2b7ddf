import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { PairedDevice, Role } from '@bold-heron/schema'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { inWriting } from './transactions.js'

/** Only its hash is kept: whoever reads the database lets nobody in. A token is 256 bits of chance, so that a plain hash does. */
const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** ms. Being there is written down no oftener. */
const SEEN_EVERY_MS = 60_000

const COLUMNS = `id, name, role, paired_at AS "pairedAt", seen_at AS "seenAt"`

interface Kept {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly pairedAt: Date
  readonly seenAt: Date
}

const told = ({ pairedAt, seenAt, ...rest }: Kept): PairedDevice => ({
  ...rest,
  pairedAt: pairedAt.toISOString(),
  seenAt: seenAt.toISOString(),
})

/** Lets a device in; the token is what it shows from then on, and is known to nobody else. */
export const addDevice = (
  sequelize: Sequelize,
  { name, role }: Pick<PairedDevice, 'name' | 'role'>,
  now: Date,
): Promise<{ readonly id: string; readonly token: string }> =>
  inWriting(sequelize, async (transaction) => {
    const [id, token] = [randomUUID(), randomBytes(32).toString('base64url')]
    await sequelize.query(`INSERT INTO paired_devices VALUES (:id, :name, :role, :hash, :now, :now)`, {
      replacements: { id, name, role, hash: hashOf(token), now },
      transaction,
    })
    return { id, token }
  })

/** The device that shows this token, and that it was there; undefined where none does. */
export const deviceOf = async (sequelize: Sequelize, token: string, now: Date): Promise<PairedDevice | undefined> => {
  const [found] = await sequelize.query<Kept>(`SELECT ${COLUMNS} FROM paired_devices WHERE token_hash = :hash`, {
    type: QueryTypes.SELECT,
    replacements: { hash: hashOf(token) },
  })
  if (found && now.getTime() - found.seenAt.getTime() > SEEN_EVERY_MS)
    await sequelize.query(`UPDATE paired_devices SET seen_at = :now WHERE id = :id`, {
      replacements: { id: found.id, now },
    })
  return found && told(found)
}

/** All that were let in, who was there last first. */
export const allDevices = async (sequelize: Sequelize): Promise<PairedDevice[]> =>
  (
    await sequelize.query<Kept>(`SELECT ${COLUMNS} FROM paired_devices ORDER BY seen_at DESC, id`, {
      type: QueryTypes.SELECT,
    })
  ).map(told)

/** Gives a device another name and role; undefined where there is none of this id. */
export const changeDevice = (
  sequelize: Sequelize,
  id: string,
  { name, role }: Pick<PairedDevice, 'name' | 'role'>,
): Promise<PairedDevice | undefined> =>
  inWriting(sequelize, async (transaction) => {
    const [found] = await sequelize.query<Kept>(
      `UPDATE paired_devices SET name = :name, role = :role WHERE id = :id RETURNING ${COLUMNS}`,
      { type: QueryTypes.SELECT, replacements: { id, name, role }, transaction },
    )
    return found && told(found)
  })

/** Sends a device away: its token is worth nothing from then on. Undefined where there is none of this id. */
export const removeDevice = (sequelize: Sequelize, id: string): Promise<PairedDevice | undefined> =>
  inWriting(sequelize, async (transaction) => {
    const [found] = await sequelize.query<Kept>(`DELETE FROM paired_devices WHERE id = :id RETURNING ${COLUMNS}`, {
      type: QueryTypes.SELECT,
      replacements: { id },
      transaction,
    })
    return found && told(found)
  })

/** On which device a run was made; null at the machine itself, or where that device was sent away. */
export const deviceOfRun = async (
  sequelize: Sequelize,
  runId: string,
  transaction: Transaction,
): Promise<string | null> => {
  const [run] = await sequelize.query<{ device_id: string | null }>(`SELECT device_id FROM runs WHERE id = :runId`, {
    type: QueryTypes.SELECT,
    replacements: { runId },
    transaction,
  })
  return run?.device_id ?? null
}

/** Says on which device a run was made. */
export const madeOn = async (
  sequelize: Sequelize,
  runId: string,
  deviceId: string,
  transaction: Transaction,
): Promise<void> => {
  await sequelize.query(`UPDATE runs SET device_id = :deviceId WHERE id = :runId`, {
    replacements: { runId, deviceId },
    transaction,
  })
}
