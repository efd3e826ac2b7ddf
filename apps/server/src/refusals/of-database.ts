import { DatabaseError, ForeignKeyConstraintError, UniqueConstraintError } from 'sequelize'
import { isAway, sqlStateOf, WriteBroken } from '../store/transactions.js'
import { type Refusal, refusal } from './refusal.js'

/** What a constraint of the database stands for, as the field it guards. */
const guarded: Readonly<Record<string, { path: string; code: string }>> = {
  plates_full_thickness_within_width: { path: 'fullThicknessWidthMm', code: 'fullThicknessWidthMm-too-wide' },
  dies_blade_within_height: { path: 'bladeHeightMm', code: 'bladeHeightMm-too-tall' },
  runs_began_first: { path: 'endedAt', code: 'ended-before-it-began' },
  run_rounds_hanging: { path: 'rounds', code: 'hanging-not-seen' },
}

const constraintOf = (error: DatabaseError): string =>
  (error.original as { constraint?: string }).constraint ?? 'a rule of the database'

/** Faults of PostgreSQL that come of what was sent: class 22 (data) and 23 (integrity). */
const isDataFault = (error: DatabaseError): boolean => /^2[23]/.test(sqlStateOf(error) ?? '')

/** What to say of a state of PostgreSQL: full, taken by something long, or asked too much at once. */
const troubles: Readonly<Record<string, Refusal>> = {
  '53100': refusal(507, 'no-room'),
  '53200': refusal(507, 'no-room'),
  '55P03': refusal(503, 'workshop-being-read'),
  '57014': refusal(503, 'database-slow'),
  '40P01': refusal(503, 'too-many-saving'),
  '40001': refusal(503, 'too-many-saving'),
}

/** What to say where the database went away, is full, or is taken by something long; undefined for anything else. */
const troubleOfDatabase = (error: unknown): Refusal | undefined => {
  if (error instanceof WriteBroken) return refusal(503, error.known)
  return troubles[sqlStateOf(error) ?? ''] ?? (isAway(error) ? refusal(503, 'database-away') : undefined)
}

const oneField = (path: string, code: string): Refusal => refusal(422, 'fields', { errors: [{ path, code }] })

/** What to say of a fault of the database's: of what was sent, of its state, or that it is away; undefined for any other. */
export const refusalOfDatabase = (error: unknown): Refusal | undefined => {
  if (error instanceof ForeignKeyConstraintError) return oneField(constraintOf(error), 'row-gone')
  if (error instanceof UniqueConstraintError) return oneField(Object.keys(error.fields)[0] ?? 'id', 'taken')
  if (error instanceof DatabaseError && isDataFault(error)) {
    const constraint = constraintOf(error)
    const { path, code } = guarded[constraint] ?? { path: constraint, code: 'refused' }
    return oneField(path, code)
  }
  return troubleOfDatabase(error)
}
