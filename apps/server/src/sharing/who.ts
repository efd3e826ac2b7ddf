import type { Request } from 'express'
import { mayDo, type Role, type WhoAsks } from '@bold-heron/schema'
import { refuse } from '../refusals/refusal.js'

/** Who asks, and by which device; null at the machine itself. */
export interface Person extends WhoAsks {
  readonly deviceId: string | null
}

/** Whoever sits at the machine may do everything: it has no accounts. */
export const here: Person = { role: 'owner', name: '', isHere: true, deviceId: null }

const asking = new WeakMap<Request, Person>()

/** Says who asks this; a door does, before anything else looks at it. */
export const comesFrom = (request: Request, person: Person): void => void asking.set(request, person)

/** Who asks; throws where no door let them in. */
export const whoIs = (request: Request): Person => {
  const person = asking.get(request)
  if (!person) throw new Error('nobody has said who asks this')
  return person
}

/** Refuses what is for another role. */
export const mustBe = (request: Request, wanted: Role): void => {
  const { role } = whoIs(request)
  if (!mayDo(role, wanted)) refuse(403, 'not-for-this-device')
}
